<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;

/** A file that is given up, in writing. */
final class LossRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['path' => ['required', 'string', 'max:1000'], 'words' => ['required', 'string', 'min:10', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'words.required' => 'This is needed: what is given up, and why.',
            'words.min' => 'A few more words: what is given up, and why.',
        ];
    }
}
