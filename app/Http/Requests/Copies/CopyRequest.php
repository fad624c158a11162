<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** Long work on cards: which of them, and onto which drives. */
final class CopyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'in:copy,verify,repair'],
            'all' => ['nullable', 'boolean'],
            'cards' => ['nullable', 'array', 'max:200'],
            'cards.*' => ['integer'],
            'destinations' => ['nullable', 'array', 'max:8'],
            'destinations.*' => ['integer', 'exists:destinations,id'],
        ];
    }
}
