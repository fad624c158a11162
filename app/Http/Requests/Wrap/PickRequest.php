<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;

/** A frame that is shown to the client for a final picture. */
final class PickRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'picture' => ['required', 'string', 'max:255'],
            'from' => ['required', 'string', 'regex:/^(session|frame) \d{1,12}$/'],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'regex' => 'That is no frame of this job.', 'max' => 'This is too long.'];
    }

    public function picture(): string
    {
        return (string) $this->validated()['picture'];
    }

    public function from(): string
    {
        return (string) $this->validated()['from'];
    }

    public function note(): string
    {
        return (string) ($this->validated()['note'] ?? '');
    }
}
