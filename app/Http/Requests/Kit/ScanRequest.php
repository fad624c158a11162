<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A label that was scanned or typed. */
final class ScanRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['scan' => ['required', 'string', 'max:80']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Scan a label, or type one.'];
    }
}
