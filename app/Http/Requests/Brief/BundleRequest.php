<?php

declare(strict_types=1);

namespace App\Http\Requests\Brief;

use Illuminate\Foundation\Http\FormRequest;

/** A job that comes in as a bundle. */
final class BundleRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['bundle' => ['required', 'file', 'max:40960']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'Choose a bundle.',
            'max' => 'The bundle is larger than 40 MB.',
            'file' => 'Choose a bundle.',
            'uploaded' => 'The bundle is larger than 40 MB.',
        ];
    }
}
