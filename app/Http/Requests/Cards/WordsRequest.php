<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;

/** Something said in writing, in whole words. */
final class WordsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['words' => ['required', 'string', 'min:10', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed, in your words.', 'min' => 'A few more words.', 'max' => 'That is too long.'];
    }
}
