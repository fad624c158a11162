<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** A folder of this machine that may be opened. */
final class RootRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['path' => ['required', 'string', 'max:1000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.'];
    }
}
