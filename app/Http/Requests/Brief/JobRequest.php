<?php

declare(strict_types=1);

namespace App\Http\Requests\Brief;

use App\Desks\Brief\Gazetteer;
use App\Http\Requests\Plan\ClockRule;
use App\Models\Brief\Job;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Brief\PeopleText;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\JobKind;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** The brief of a job. */
final class JobRequest extends FormRequest
{
    use ReadsWhere;

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
            'where' => ['nullable', 'string', 'max:500', $this->isOnePlace(...)],
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

    /** A town, coordinates or a link become coordinates, and the time zone follows from them where nobody typed one. */
    protected function prepareForValidation(): void
    {
        $point = $this->pointTyped();
        $this->merge($point === null ? [] : ['latitude' => round($point->latitudeDeg, 6), 'longitude' => round($point->longitudeDeg, 6)]);
        $given = [$this->input('latitude'), $this->input('longitude')];
        try {
            $point ??= is_numeric($given[0]) && is_numeric($given[1]) ? GeoPoint::of((float) $given[0], (float) $given[1]) : null;
        } catch (ImpossibleValue) {
            // The fields say so themselves.
        }
        if ($point !== null && ($this->typed('timezone') === '' || $this->typed('where') !== '')) {
            $this->merge(['timezone' => app(Gazetteer::class)->zoneAt($point)]);
        }
        if ($point === null && $this->typed('timezone') === '' && $this->typed('where') === '') {
            // Nobody said where: as for the job before.
            $this->merge(['timezone' => Job::query()->with('place')->latest('id')->first()?->place->timezone]);
        }
    }

    /**
     * @param  string|null  $key
     * @return array<string, mixed>
     */
    public function validated($key = null, $default = null): mixed
    {
        $given = parent::validated($key, $default);

        return is_array($given) ? array_diff_key($given, ['where' => true]) : $given;
    }

    /** What stood among the people and is no person. */
    public function sentencesTold(): string
    {
        return PeopleText::read($this->typed('people'))->sentencesTold();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'timezone.required' => 'This is needed: it follows from a town or coordinates.',
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
