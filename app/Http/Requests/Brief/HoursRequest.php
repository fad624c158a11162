<?php

declare(strict_types=1);

namespace App\Http\Requests\Brief;

use App\Http\Requests\Plan\ClockRule;
use Illuminate\Foundation\Http\FormRequest;

/** The covered hours, longer at one end. */
final class HoursRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['covered_from' => ['nullable', new ClockRule()], 'covered_to' => ['nullable', new ClockRule()]];
    }
}
