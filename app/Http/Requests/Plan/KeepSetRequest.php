<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** The name under which a set of shots is kept. */
final class KeepSetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['set_name' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Name the set.'];
    }
}
