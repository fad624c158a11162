<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** The re-plan that is taken over: from when, and how late. */
final class ReplanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['segment' => ['required', 'integer'], 'late' => ['required', 'integer', 'between:0,600']];
    }
}
