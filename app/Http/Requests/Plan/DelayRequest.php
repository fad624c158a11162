<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** By how much the day is put off. */
final class DelayRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['hours' => ['required', new DelayRule()], 'day' => ['nullable', 'integer', 'min:0']];
    }
}
