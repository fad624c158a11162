<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

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
            'facing_deg' => ['nullable', 'numeric', 'min:0', 'lt:360'],
            'room_m' => ['nullable', 'numeric', 'between:0,1000'],
            'notes' => ['nullable', 'string', 'max:2000'],
            'rejected_because' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'facing_deg.min' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'facing_deg.lt' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'room_m.between' => 'From 0 to 1000 metres.',
        ];
    }
}
