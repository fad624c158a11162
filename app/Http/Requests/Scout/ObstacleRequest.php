<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Illuminate\Foundation\Http\FormRequest;

/** A thing that takes the sun from a spot. */
final class ObstacleRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'bearing_deg' => ['required', 'numeric', 'min:0', 'lt:360'],
            'distance_m' => ['required', 'numeric', 'gt:0', 'max:20000'],
            'height_m' => ['required', 'numeric', 'gt:0', 'max:5000'],
            'width_m' => ['required', 'numeric', 'gt:0', 'max:20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'bearing_deg.min' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'bearing_deg.lt' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'gt' => 'This must be above 0.',
            'max' => 'This is too far or too large to matter.',
        ];
    }
}
