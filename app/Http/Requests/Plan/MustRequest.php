<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A must-have that becomes a line of the shot list. */
final class MustRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['what' => ['required', 'string', 'max:160']];
    }
}
