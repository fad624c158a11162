<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** Creator and copyright as sidecars, in a zip; the originals are not touched. */
final class SidecarRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['creator' => ['required', 'string', 'max:120'], 'copyright' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.'];
    }
}
