<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Kit\KitSchool;

/** A proposal that is taken over: by which school, up to which weight. */
final class ProposalRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'school' => ['required', Rule::enum(KitSchool::class)],
            'limit_g' => ['nullable', 'integer', 'between:500,200000'],
        ];
    }
}
