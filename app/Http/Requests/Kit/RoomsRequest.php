<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** The rooms and fronts of a house. */
final class RoomsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['rooms' => ['nullable', 'string', 'max:8000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'This is too long.'];
    }

    public function rooms(): string
    {
        return (string) ($this->validated()['rooms'] ?? '');
    }
}
