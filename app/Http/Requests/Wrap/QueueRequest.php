<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;
use NorthSatchel\Time\ClockTime;

/** Frames that are to be sent, and by when. */
final class QueueRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** A time as people type it. */
    protected function prepareForValidation(): void
    {
        if (is_string($this->input('due_clock')) && trim($this->input('due_clock')) !== '') {
            $this->merge(['due_clock' => ClockTime::asTyped(trim($this->input('due_clock')))]);
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'frames' => ['required', 'array', 'max:500'],
            'frames.*' => ['integer'],
            'due_clock' => ['nullable', 'string', 'regex:/^([0-3]\d|4[0-7]):[0-5]\d$/'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['frames.required' => 'Choose at least one frame.', 'due_clock.regex' => 'A time as 19:05; after midnight 24:10 and so on.'];
    }

    /** @return list<int> */
    public function frames(): array
    {
        return array_map(intval(...), array_values($this->validated('frames')));
    }
}
