<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;

/** Whose frames are on it: a person may say otherwise than the hours do. */
final class ClaimRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['words' => ['nullable', 'string', 'max:300']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'That is too long.'];
    }
}
