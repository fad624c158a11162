<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Lane;

/** A thing of the shelf that goes onto the list. */
final class PackingRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'item' => ['required', 'integer', 'exists:items,id'],
            'lane' => ['required', Rule::enum(Lane::class)],
        ];
    }
}
