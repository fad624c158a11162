<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Illuminate\Foundation\Http\FormRequest;

/** A test picture of a spot. */
final class TestPictureRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['picture' => ['required', 'file', 'max:40000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'picture.required' => 'Choose a picture.',
            'picture.max' => 'The picture is larger than 40 MB.',
            'picture.uploaded' => 'The picture did not arrive whole.',
        ];
    }
}
