<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\Window;

/** A spot of a place. */
final class SpotRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'place_id' => ['required', 'integer', 'exists:places,id'],
            'latitude' => ['nullable', 'required_with:longitude', 'numeric', 'between:-90,90'],
            'longitude' => ['nullable', 'required_with:latitude', 'numeric', 'between:-180,180'],
            'east_m' => ['nullable', 'numeric', 'between:-20000,20000'],
            'north_m' => ['nullable', 'numeric', 'between:-20000,20000'],
            'facing_deg' => ['nullable', 'numeric', 'min:0', 'lt:360'],
            'room_m' => ['nullable', 'numeric', 'between:0,1000'],
            'walk_m' => ['nullable', 'numeric', 'gt:0', 'max:'.WalkPath::LONGEST_M],
            'walk_deg' => [
                Rule::requiredIf(fn (): bool => $this->filled('walk_m') && ! $this->filled('facing_deg')),
                'nullable',
                'numeric',
                'min:0',
                'lt:360',
            ],
            'notes' => ['nullable', 'string', 'max:2000'],
            'rejected_because' => ['nullable', 'string', 'max:200'],
            'power' => ['nullable', 'string', 'max:120'],
            'background' => ['nullable', 'string', 'max:200'],
            'plan_b' => ['nullable', 'string', 'max:120'],
            'plan_b_trigger' => ['nullable', 'string', 'max:120'],
            'skyline' => ['nullable', 'string', 'max:4000', $this->reads(Skyline::read(...))],
            'windows' => ['nullable', 'string', 'max:2000', $this->reads(Window::readAll(...))],
            'scouted_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'facing_deg.min' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'walk_deg.min' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'walk_deg.lt' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'walk_deg.required' => 'Towards where do they walk? A bearing here, or where they face.',
            'walk_m.gt' => 'More than 0 metres.',
            'walk_m.max' => 'At most '.WalkPath::LONGEST_M.' metres.',
            'facing_deg.lt' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'latitude.between' => 'A latitude lies between -90 and 90, north positive.',
            'longitude.between' => 'A longitude lies between -180 and 180, east positive.',
            'required_with' => 'Give both coordinates, or neither.',
            'east_m.between' => 'Within 20 km of its place; negative is west.',
            'north_m.between' => 'Within 20 km of its place; negative is south.',
            'scouted_on.date_format' => 'This must be a day of the calendar.',
            'room_m.between' => 'From 0 to 1000 metres.',
        ];
    }

    /**
     * @param  Closure(string): mixed  $read
     * @return Closure(string, mixed, Closure): void
     */
    private function reads(Closure $read): Closure
    {
        return static function (string $attribute, mixed $value, Closure $fail) use ($read): void {
            if (! is_string($value)) {
                return;
            }
            try {
                $read($value);
            } catch (ImpossibleValue $e) {
                $fail('This '.$e->must.'.');
            }
        };
    }
}
