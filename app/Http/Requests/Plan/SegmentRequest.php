<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
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
            'setup_minutes' => ['nullable', 'integer', 'between:0,600'],
            'worth' => ['nullable', 'integer', 'between:0,1000'],
            'people' => ['nullable', 'string', 'max:1000'],
            'place_name' => ['nullable', 'string', 'max:120'],
            'spot_id' => ['nullable', 'integer', 'exists:spots,id'],
            'short_minutes' => ['nullable', 'integer', 'min:1', 'lt:minutes'],
            'low_minutes' => ['nullable', 'integer', 'min:1', 'lte:minutes'],
            'high_minutes' => ['nullable', 'integer', 'max:2880', 'gte:minutes'],
            'takes_in_minutes' => ['nullable', 'integer', 'between:0,600'],
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
            'min' => 'At least one minute.',
            'day.between' => 'A job has two weeks at most.',
            'worth.between' => 'From 0 to 1000; a must counts 300, a should 100, a nice 30.',
            'setup_minutes.between' => 'From 0 to 600 minutes.',
            'takes_in_minutes.between' => 'From 0 to 600 minutes.',
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

    private function wholeOrNull(string $field): ?int
    {
        return $this->filled($field) ? $this->integer($field) : null;
    }

    /** @return array<string, mixed> what is stored; a place that is not known yet is made, without coordinates */
    public function fields(Job $job): array
    {
        return [
            'title' => (string) $this->input('title'),
            'start_clock' => (string) $this->input('start_clock'),
            'minutes' => $this->integer('minutes'),
            'priority' => (string) $this->input('priority'),
            'lane' => (string) $this->input('lane'),
            'place_id' => $job->placeNamed(trim((string) $this->input('place_name')))?->id,
            'spot_id' => $this->wholeOrNull('spot_id'),
            'is_outdoor' => $this->boolean('is_outdoor'),
            'is_anchor' => $this->boolean('is_anchor'),
            'short_minutes' => $this->wholeOrNull('short_minutes'),
            'low_minutes' => $this->wholeOrNull('low_minutes'),
            'high_minutes' => $this->wholeOrNull('high_minutes'),
            'may_move' => $this->boolean('may_move'),
            'is_break' => $this->boolean('is_break'),
            'takes_in_minutes' => $this->integer('takes_in_minutes'),
            'day' => $this->integer('day'),
            'light' => $this->filled('light') ? (string) $this->input('light') : LightWanted::Any->value,
            'earliest_clock' => $this->filled('earliest_clock') ? (string) $this->input('earliest_clock') : null,
            'latest_clock' => $this->filled('latest_clock') ? (string) $this->input('latest_clock') : null,
            'setup_minutes' => $this->integer('setup_minutes'),
            'worth' => $this->wholeOrNull('worth'),
            'people' => self::names((string) $this->input('people')),
            'also_lanes' => array_values(
                array_diff(array_map(strval(...), (array) $this->input('also_lanes')), [(string) $this->input('lane')]),
            ),
        ];
    }
}
