<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** What the couple sends through their link. */
final class CoupleFormRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'form' => ['required', 'uuid'],
            'wanted' => ['nullable', 'array', 'max:300'],
            'wanted.*' => ['integer'],
            'groups' => ['nullable', 'string', 'max:6000'],
            'people' => ['nullable', 'string', 'max:6000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'That is too much at once.'];
    }
}
