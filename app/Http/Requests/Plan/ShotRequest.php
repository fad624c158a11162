<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Shots\SunOrder;
use NorthSatchel\Plan\Viewpoint\ShotView;

/** A line of the shot list. */
final class ShotRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'what' => ['required', 'string', 'max:160'],
            'priority' => ['required', 'in:must,should,nice'],
            'minutes' => ['required', 'integer', 'between:0,600'],
            'frames' => ['required', 'integer', 'between:0,5000'],
            'focal_mm' => ['nullable', 'integer', 'between:4,2000'],
            'distance' => ['nullable', Rule::in(ShotView::DISTANCES)],
            'height' => ['nullable', Rule::in(ShotView::HEIGHTS)],
            'side' => ['nullable', Rule::in(ShotView::SIDES)],
            'light' => ['nullable', Rule::in(SunOrder::LIGHTS)],
            'empty_percent' => ['nullable', 'integer', 'between:1,90'],
            'cue' => ['nullable', 'string', 'max:80'],
            'cue_seconds' => ['nullable', 'integer', 'between:1,7200'],
            'prompt' => ['nullable', 'string', 'max:160'],
            'notes' => ['nullable', 'string', 'max:240'],
            'people' => ['nullable', 'string', 'max:400'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'integer' => 'This must be a whole number.',
            'minutes.between' => 'From 0 to 600 minutes.',
            'frames.between' => 'From 0 to 5000 frames.',
            'cue_seconds.between' => 'From 1 second to two hours.',
            'empty_percent.between' => 'From 1 to 90 % of the frame.',
            'focal_mm.between' => 'From 4 to 2000 mm.',
        ];
    }

    /** @return array<string, mixed> what is stored */
    public function fields(): array
    {
        $fields = $this->validated();
        if ($this->has('people')) {
            $fields['people'] = SegmentRequest::names((string) $this->input('people'));
        }

        return $fields;
    }
}
