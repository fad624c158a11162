<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** What the dials should show. */
final class SettingsSheetRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'slowest' => ['nullable', 'numeric', 'between:1,16000'],
            'highest_iso' => ['nullable', 'integer', 'between:25,409600'],
            'widest' => ['nullable', 'numeric', 'between:0.7,64'],
            'smallest' => ['nullable', 'numeric', 'between:0.7,64', 'gte:widest'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'numeric' => 'This must be a number.',
            'integer' => 'This must be a whole number.',
            'between' => 'This must lie between :min and :max.',
            'gte' => 'The smaller stop has the larger number.',
        ];
    }
}
