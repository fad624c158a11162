<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\Travel;
use Illuminate\Foundation\Http\FormRequest;

/** The way between two places, in its parts. */
final class TravelRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $part = ['nullable', 'integer', 'between:0,1440'];

        return [
            'from' => ['required', 'integer', 'exists:places,id'],
            'to' => ['required', 'integer', 'exists:places,id', 'different:from'],
            'minutes' => ['required', 'integer', 'between:0,1440'],
            'walk_minutes' => $part,
            'parking_minutes' => $part,
            'loading_minutes' => $part,
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'to.different' => 'A way leads to another place.',
            'integer' => 'This must be a whole number of minutes.',
            'between' => 'From 0 to 1440 minutes.',
            'required' => 'This is needed.',
        ];
    }

    /** As it was typed; not kept yet. */
    public function way(): Travel
    {
        $given = $this->validated();
        $way = Travel::query()->firstOrNew(['from_place_id' => (int) $given['from'], 'to_place_id' => (int) $given['to']]);

        return $way->fill([
            'minutes' => (int) $given['minutes'],
            'walk_minutes' => (int) ($given['walk_minutes'] ?? 0),
            'parking_minutes' => (int) ($given['parking_minutes'] ?? 0),
            'loading_minutes' => (int) ($given['loading_minutes'] ?? 0),
        ]);
    }
}
