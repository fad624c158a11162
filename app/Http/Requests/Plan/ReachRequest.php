<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A focal length, in mm on full format. */
final class ReachRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['focal_mm' => ['required', 'integer', 'between:8,2000']];
    }
}
