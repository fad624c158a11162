<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Lane;

/** A meal that is put where there is room for one. */
final class MealRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'lane' => ['required', Rule::enum(Lane::class)],
            'start_clock' => ['required', new ClockRule()],
            'minutes' => ['required', 'integer', 'between:5,180'],
            'date' => ['required', 'date_format:Y-m-d'],
            'shot' => ['nullable', 'integer'],
        ];
    }
}
