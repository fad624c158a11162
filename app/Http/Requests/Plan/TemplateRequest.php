<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Template\DayTemplate;

/** A day laid from a template. */
final class TemplateRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'template' => ['required', Rule::enum(DayTemplate::class)],
            'first_anchor' => ['required', new ClockRule()],
            'second_anchor' => ['required', new ClockRule()],
            'photographers' => ['nullable', 'integer', 'between:1,2'],
            'beside' => ['nullable', 'boolean'],
            'day' => ['nullable', 'integer', 'between:0,'.SegmentRequest::LAST_DAY],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.'];
    }
}
