<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Time\Priority;

/** Something that is asked of the kit by hand. */
final class AskRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', Rule::in(array_map(static fn (NeedWhat $w): string => $w->value, NeedWhat::ASKABLE))],
            'count' => ['required', 'integer', 'between:1,20'],
            'priority' => ['required', Rule::enum(Priority::class)],
            'segment_id' => ['nullable', 'integer', Rule::exists('segments', 'id')->where('job_id', $this->route('job'))],
            'note' => ['nullable', 'string', 'max:160'],
            'distance_m' => ['nullable', 'numeric', 'between:0.2,100'],
            'f_number' => ['nullable', 'numeric', 'between:0.7,64'],
            'iso' => ['nullable', 'integer', 'between:25,409600'],
            'stops_lost' => ['nullable', 'numeric', 'between:0,8'],
            'hours' => ['nullable', 'numeric', 'between:0,48'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'integer' => 'This must be a whole number.',
            'numeric' => 'This must be a number.',
            'between' => 'This must lie between :min and :max.',
        ];
    }

    /** @return array<string, mixed> */
    public function fields(): array
    {
        $given = $this->validated();

        return [...$given, 'iso' => $given['iso'] ?? 100, 'stops_lost' => $given['stops_lost'] ?? 0, 'hours' => $given['hours'] ?? 0];
    }
}
