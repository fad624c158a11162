<?php

declare(strict_types=1);

namespace App\Http\Requests\House;

use Illuminate\Foundation\Http\FormRequest;

/** Who signs in. */
final class SignInRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
        ];
    }
}
