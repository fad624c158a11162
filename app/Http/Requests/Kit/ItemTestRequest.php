<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A test of a thing, for a job or for none. */
final class ItemTestRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'result' => ['required', 'in:passed,failed'],
            'note' => ['nullable', 'string', 'max:200'],
            'job' => ['nullable', 'integer', 'exists:jobs,id'],
        ];
    }
}
