<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** Segments that move together. */
final class MoveSegmentsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['segments' => ['required', 'string', 'regex:/^\d{1,9}(,\d{1,9}){0,60}$/'], 'minutes' => ['required', 'integer', 'between:-720,720']];
    }
}
