<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;

/** What a client says of a pick. */
final class AnswerRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'pick' => ['required', 'integer', 'min:1'],
            'says' => ['required', 'in:yes,no,mark'],
            'name' => ['required', 'string', 'max:80'],
            'words' => ['nullable', 'required_if:says,no', 'string', 'max:1000'],
            'mark_x' => ['nullable', 'required_if:says,mark', 'numeric', 'between:0,1'],
            'mark_y' => ['nullable', 'required_if:says,mark', 'numeric', 'between:0,1'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'Your name, please: it is signed off with it.',
            'words.required_if' => 'Say why not, so that it can be put right.',
            'mark_x.required_if' => 'Press the place on the picture first.',
            'max' => 'This is too long.',
        ];
    }

    public function pick(): int
    {
        return (int) $this->validated()['pick'];
    }

    /** @return array<string, mixed> of an answer */
    public function answer(): array
    {
        $given = $this->validated();
        $says = (string) $given['says'];

        return [
            'is_yes' => $says === 'mark' ? null : $says === 'yes',
            'words' => trim((string) ($given['words'] ?? '')),
            'name' => trim((string) $given['name']),
            'mark_x' => isset($given['mark_x']) ? (float) $given['mark_x'] : null,
            'mark_y' => isset($given['mark_y']) ? (float) $given['mark_y'] : null,
        ];
    }
}
