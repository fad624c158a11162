<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Lane;

/** When a place may be entered, and by whom. */
final class AccessRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'pass' => ['required', 'string', 'max:80'],
            'place_id' => ['required', 'integer', 'exists:places,id'],
            'spot_id' => ['nullable', 'integer', 'exists:spots,id'],
            'lanes' => ['nullable', 'array'],
            'lanes.*' => [Rule::enum(Lane::class)],
            'day' => ['nullable', 'integer', 'between:0,'.SegmentRequest::LAST_DAY],
            'opens_clock' => ['required', new ClockRule()],
            'closes_clock' => ['required', new ClockRule()],
            'gate_minutes' => ['nullable', 'integer', 'between:0,240'],
            'out_minutes' => ['nullable', 'integer', 'between:0,240'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'integer' => 'This must be a whole number of minutes.',
            '*_minutes.between' => 'From 0 to 240 minutes.',
        ];
    }
}
