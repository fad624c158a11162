<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\StudioRecord;
use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Time\ClockTime;

/** Final pictures, setups and elements, and what it takes from setup to setup. */
final class ElementsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** A time as people type it. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('begins_clock'))) {
            $this->merge(['begins_clock' => ClockTime::asTyped(trim($this->input('begins_clock')))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'elements' => ['nullable', 'string', 'max:12000'],
            'changes' => ['nullable', 'string', 'max:6000'],
            'change_minutes' => ['required', 'integer', 'between:0,600'],
            'begins_clock' => ['required', 'string', 'regex:/^([0-3]\d|4[0-7]):[0-5]\d$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'begins_clock.regex' => 'A time as 08:00.',
            'change_minutes.between' => 'From 0 to 600 minutes.',
            'integer' => 'This must be a whole number.',
            'max' => 'This is too long.',
        ];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(StudioRecord $record): StudioRecord
    {
        $given = $this->validated();

        return $record->fill([
            'elements' => (string) ($given['elements'] ?? ''),
            'changes' => (string) ($given['changes'] ?? ''),
            'change_minutes' => (int) $given['change_minutes'],
            'begins_clock' => (string) $given['begins_clock'],
        ]);
    }
}
