<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** Looks, and the box of time that they have. */
final class LooksRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'looks' => ['nullable', 'string', 'max:12000'],
            'look_minutes' => ['required', 'integer', 'between:1,1440'],
            'look_hands' => ['required', 'integer', 'between:1,9'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'look_minutes.between' => 'From 1 to 1440 minutes.',
            'look_hands.between' => 'From 1 to 9.',
            'integer' => 'This must be a whole number.',
            'max' => 'This is too long.',
        ];
    }

    /** @return array{looks: string, look_minutes: int, look_hands: int} */
    public function fields(): array
    {
        $given = $this->validated();

        return [
            'looks' => (string) ($given['looks'] ?? ''),
            'look_minutes' => (int) $given['look_minutes'],
            'look_hands' => (int) $given['look_hands'],
        ];
    }
}
