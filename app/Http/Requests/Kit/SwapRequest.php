<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A swap of cards or cells that goes into the plan. */
final class SwapRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'segment' => ['required', 'integer', Rule::exists('segments', 'id')->where('job_id', $this->route('job'))],
            'what' => ['required', 'string', 'max:120'],
        ];
    }
}
