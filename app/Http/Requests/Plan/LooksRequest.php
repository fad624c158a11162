<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\StudioRecord;
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

    /** The record with what was typed; nothing is kept yet. */
    public function into(StudioRecord $record): StudioRecord
    {
        $given = $this->validated();

        return $record->fill([
            'looks' => (string) ($given['looks'] ?? ''),
            'look_minutes' => (int) $given['look_minutes'],
            'look_hands' => (int) $given['look_hands'],
        ]);
    }
}
