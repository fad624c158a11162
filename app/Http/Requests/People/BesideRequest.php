<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** Two who are not to stand side by side. */
final class BesideRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['one' => ['required', 'string', 'max:200'], 'other' => ['required', 'string', 'max:200']];
    }
}
