<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\SegmentField;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Time\Lane;

/** A segment of the day. */
final class SegmentRequest extends FormRequest
{
    /** A job has two weeks at most; days count from 0. */
    public const LAST_DAY = 13;

    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'title' => ['required', 'string', 'max:120'],
            'start_clock' => ['required', new ClockRule()],
            'minutes' => ['required', 'integer', 'between:1,1440'],
            'priority' => ['required', 'in:must,should,nice'],
            'lane' => ['required', Rule::enum(Lane::class)],
            'also_lanes' => ['nullable', 'array'],
            'also_lanes.*' => [Rule::enum(Lane::class)],
            'day' => ['nullable', 'integer', 'between:0,'.self::LAST_DAY],
            'light' => ['nullable', Rule::enum(LightWanted::class)],
            'earliest_clock' => ['nullable', new ClockRule()],
            'latest_clock' => ['nullable', new ClockRule()],
            'people' => ['nullable', 'string', 'max:1000'],
            'place_name' => ['nullable', 'string', 'max:120'],
            'spot_id' => ['nullable', 'integer', 'exists:spots,id'],
            ...SegmentField::rules(),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'minutes.integer' => 'This must be a whole number of minutes.',
            'short_minutes.lt' => 'The shortest bearable length is below the planned one.',
            'low_minutes.lte' => 'How short it may turn out is at most the planned length.',
            'high_minutes.gte' => 'How long it may turn out is at least the planned length.',
            'integer' => 'This must be a whole number of minutes.',
            'day.between' => 'A job has two weeks at most.',
            ...SegmentField::messages(),
            'minutes.between' => 'A segment lasts from 1 to 1440 minutes.',
        ];
    }

    /** @return list<string> */
    public static function names(string $text): array
    {
        return array_values(
            array_unique(
                array_filter(array_map(trim(...), preg_split('/[,;\n]/', $text) ?: []), static fn (string $name): bool => $name !== ''),
            ),
        );
    }

    /** @return array<string, mixed> what is stored; a place that is not known yet is made, without coordinates */
    public function fields(Job $job): array
    {
        $stated = [];
        foreach (SegmentField::all() as $field) {
            $stated[$field->name] = $field->stored($this->input($field->name));
        }

        return [
            ...$stated,
            'title' => (string) $this->input('title'),
            'start_clock' => (string) $this->input('start_clock'),
            'minutes' => $this->integer('minutes'),
            'priority' => (string) $this->input('priority'),
            'lane' => (string) $this->input('lane'),
            'place_id' => $job->placeNamed(trim((string) $this->input('place_name')))?->id,
            'spot_id' => $this->filled('spot_id') ? $this->integer('spot_id') : null,
            'day' => $this->integer('day'),
            'light' => $this->filled('light') ? (string) $this->input('light') : LightWanted::Any->value,
            'earliest_clock' => $this->filled('earliest_clock') ? (string) $this->input('earliest_clock') : null,
            'latest_clock' => $this->filled('latest_clock') ? (string) $this->input('latest_clock') : null,
            'people' => self::names((string) $this->input('people')),
            'also_lanes' => array_values(
                array_diff(array_map(strval(...), (array) $this->input('also_lanes')), [(string) $this->input('lane')]),
            ),
        ];
    }
}
