<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Two who do not get on: never in one frame, or never side by side. */
final class ApartRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'one' => ['required', 'string', 'max:200'],
            'other' => ['required', 'string', 'max:200', 'different:one'],
            'how' => ['required', Rule::in(['apart', 'beside'])],
            'former' => ['boolean'],
        ];
    }
}
