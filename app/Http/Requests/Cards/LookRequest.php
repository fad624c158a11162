<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What was seen when a card was looked through at 1:1. */
final class LookRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'words' => [
                'nullable',
                'string',
                'max:500',
                'required_if:result,anyway',
                Rule::when($this->input('result') === 'anyway', ['min:10']),
            ],
            'result' => ['nullable', 'in:well,trouble,anyway'],
            'bad' => ['nullable', 'array', 'max:60'],
            'bad.*' => ['string', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'That is too long.', 'required_if' => 'Say in your words why it may go all the same.', 'min' => 'A few more words.'];
    }
}
