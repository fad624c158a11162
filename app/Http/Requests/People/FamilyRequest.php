<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** The family as it is typed, one a line. */
final class FamilyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['people' => ['nullable', 'string', 'max:20000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'That is too much at once.'];
    }
}
