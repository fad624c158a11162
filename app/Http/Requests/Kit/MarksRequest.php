<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** The marks of a light that stands: height, angle, distance. */
final class MarksRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return self::marks();
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'between' => 'This must lie between :min and :max.',
        ];
    }

    /** @return array<string, list<string>> */
    public static function marks(): array
    {
        return [
            'heightCm' => ['nullable', 'numeric', 'between:0,1500'],
            'angleDeg' => ['nullable', 'numeric', 'between:-360,360'],
            'distanceCm' => ['nullable', 'numeric', 'between:0,10000'],
        ];
    }
}
