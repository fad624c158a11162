<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use App\Desks\Brief\BriefDesk;
use Illuminate\Foundation\Http\FormRequest;

/** A drive given to somebody. */
final class HandoverRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        // Today is where the job is, as the finding of an overdue drive counts it.
        $today = now(BriefDesk::open((int) $this->route('job'))->place->timezone)->format('Y-m-d');

        return [
            'who' => ['required', 'string', 'max:80'],
            'why' => ['nullable', 'string', 'max:120'],
            'due_on' => ['required', 'date_format:Y-m-d', "after_or_equal:{$today}"],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'date_format' => 'This must be a day of the calendar.',
            'after_or_equal' => 'This day has passed.',
            'max' => 'That is too long.',
        ];
    }
}
