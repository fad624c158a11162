<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A frame of a plain wall: what it shows is the test of that body. */
final class PlainFrameRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['item' => ['required', 'integer', 'exists:items,id'], 'frame' => ['required', 'file', 'max:40960']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'frame.max' => 'The picture is larger than 40 MB.'];
    }
}
