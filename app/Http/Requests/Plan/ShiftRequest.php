<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A segment that starts earlier or later. */
final class ShiftRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['minutes' => ['required', 'integer', 'between:-1440,1440']];
    }
}
