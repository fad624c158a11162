<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A segment that grows or shrinks. */
final class LengthRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['minutes' => ['required', 'integer', 'between:1,1440']];
    }
}
