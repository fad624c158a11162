<?php

declare(strict_types=1);

namespace App\Http\Requests\Day;

use Illuminate\Foundation\Http\FormRequest;

/** Taps as text, taken out of a file of the day. */
final class PastedTapsRequest extends FormRequest
{
    private const LONGEST = 200_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'taps' => [
                'required',
                'string',
                'max:'.self::LONGEST,
                function (string $field, mixed $text, \Closure $fail): void {
                    if ($this->events() === []) {
                        $fail('This is not the text that the file gives: take it out again, and paste all of it.');
                    }
                },
            ],
        ];
    }

    /** @return list<mixed> */
    public function events(): array
    {
        $given = json_decode((string) $this->string('taps'), true);

        return is_array($given) && is_array($given['events'] ?? null) ? array_values($given['events']) : [];
    }
}
