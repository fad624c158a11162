<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** Dragged, or given to a segment: before a line of it, or at its end. */
final class PutShotRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['segment' => ['required', 'integer'], 'before' => ['nullable', 'integer']];
    }
}
