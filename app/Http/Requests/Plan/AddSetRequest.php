<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A kept set of shots that is added. */
final class AddSetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['set' => ['required', 'integer']];
    }
}
