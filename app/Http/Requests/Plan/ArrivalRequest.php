<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\SendingRecord;
use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Time\ClockTime;

/** What must stand before the doors open. */
final class ArrivalRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** A time as people type it. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('doors_clock'))) {
            $this->merge(['doors_clock' => ClockTime::asTyped(trim($this->input('doors_clock')))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'tasks' => ['nullable', 'string', 'max:6000'],
            'doors_clock' => ['required', 'string', 'regex:/^([0-3]\d|4[0-7]):[0-5]\d$/'],
            'hands' => ['required', 'integer', 'between:1,8'],
            'spare_minutes' => ['required', 'integer', 'between:0,600'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'doors_clock.regex' => 'A time as 18:00.',
            'hands.between' => 'From 1 to 8.',
            'spare_minutes.between' => 'From 0 to 600 minutes.',
            'integer' => 'This must be a whole number.',
        ];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(SendingRecord $record): SendingRecord
    {
        $given = $this->validated();

        return $record->fill([
            'tasks' => (string) ($given['tasks'] ?? ''),
            'doors_clock' => (string) $given['doors_clock'],
            'hands' => (int) $given['hands'],
            'spare_minutes' => (int) $given['spare_minutes'],
        ]);
    }
}
