<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** Things go into a bag, or out of all. */
final class IntoBagRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['bag' => ['nullable', 'integer', 'exists:bags,id'], 'items' => ['required', 'array', 'max:200'], 'items.*' => ['integer']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['items.required' => 'Choose what goes in.'];
    }
}
