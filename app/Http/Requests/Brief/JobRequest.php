<?php

declare(strict_types=1);

namespace App\Http\Requests\Brief;

use App\Http\Requests\Plan\ClockRule;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\JobKind;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** The brief of a job. */
final class JobRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:120'],
            'kind' => ['required', Rule::enum(JobKind::class)],
            'client' => ['nullable', 'string', 'max:120'],
            'date' => ['required', 'date_format:Y-m-d'],
            'covered_from' => ['bail', 'required', new ClockRule(), $this->existsThatDay(...)],
            'covered_to' => ['bail', 'required', new ClockRule(), $this->existsThatDay(...), $this->isAfterStart(...)],
            'appointment_from' => ['nullable', new ClockRule()],
            'appointment_to' => ['nullable', new ClockRule(), $this->isAfterItOpens(...)],
            'place_name' => ['required', 'string', 'max:120'],
            'latitude' => ['nullable', 'required_with:longitude', 'numeric', 'between:-90,90'],
            'longitude' => ['nullable', 'required_with:latitude', 'numeric', 'between:-180,180'],
            'timezone' => ['required', 'timezone:all'],
            'temperature_c' => ['required', 'numeric', 'between:-60,60'],
            'must_haves' => ['nullable', 'string', 'max:5000'],
            'restrictions' => ['nullable', 'string', 'max:5000'],
            'is_confidential' => ['nullable', 'boolean'],
            'people' => ['nullable', 'string', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'date.date_format' => 'This must be a day of the calendar.',
            'latitude.between' => 'A latitude lies between -90 and 90, north positive.',
            'longitude.between' => 'A longitude lies between -180 and 180, east positive.',
            'latitude.required_with' => 'Give both coordinates, or neither.',
            'longitude.required_with' => 'Give both coordinates, or neither.',
            'timezone.timezone' => 'This must be a time zone such as Europe/Helsinki.',
            'numeric' => 'This must be a number.',
            'temperature_c.between' => 'This must lie between -60 and 60 °C.',
        ];
    }

    /** What was typed into a field; nothing where it is no text. */
    private function typed(string $field): string
    {
        $typed = $this->input($field);

        return is_string($typed) ? $typed : '';
    }

    private function existsThatDay(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            LocalDay::of($this->typed('date'), $this->typed('timezone'))->instantOf(ClockTime::of(is_string($value) ? $value : ''));
        } catch (ImpossibleValue $e) {
            if ($e->field === 'clock') {
                $fail('This time '.$e->must.'.');
            }
        }
    }

    private function isAfterItOpens(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            if (
                $this->filled('appointment_from') &&
                ClockTime::of(is_string($value) ? $value : '')->minutes < ClockTime::of($this->typed('appointment_from'))->minutes
            ) {
                $fail('The latest start must not come before the earliest.');
            }
        } catch (ImpossibleValue) {
            // Each has an error of its own.
        }
    }

    private function isAfterStart(string $attribute, mixed $value, Closure $fail): void
    {
        try {
            if (ClockTime::of(is_string($value) ? $value : '')->minutes <= ClockTime::of($this->typed('covered_from'))->minutes) {
                $fail('The end must come after the start; after midnight count on, 25:30 is half past one.');
            }
        } catch (ImpossibleValue) {
            // The start has an error of its own.
        }
    }
}
