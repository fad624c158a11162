<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;

/** What happened to a card. */
final class MishapRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['words' => ['required', 'string', 'min:4', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed: what happened.', 'min' => 'A few more words.', 'max' => 'That is too long.'];
    }
}
