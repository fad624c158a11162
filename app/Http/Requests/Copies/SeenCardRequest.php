<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** A card that is in the reader: one of the shelf, or a new one by its name. */
final class SeenCardRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'card' => ['nullable', 'integer', 'exists:cards,id'],
            'label' => ['nullable', 'required_without:card', 'string', 'max:40', 'unique:items,label'],
            'folder' => ['required', 'string', 'max:1000'],
            'allow' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required_without' => 'Choose a card, or say what the new one is called.',
            'unique' => 'Something on the shelf has this name.',
            'exists' => 'This card is not on the shelf.',
        ];
    }
}
