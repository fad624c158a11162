<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Cards\Permit\ReadAgain;
use NorthSatchel\Copies\Audit\Blows;

/** The owner's rule for copies and permits. */
final class RuleRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        $causes = array_keys(Blows::USUAL);

        return [
            'copies' => ['required', 'integer', 'between:1,8'],
            'kinds' => ['required', 'integer', 'between:1,4'],
            'elsewhere' => ['required', 'integer', 'min:0', 'lte:copies'],
            'again_after_days' => ['required', 'integer', 'between:1,3650'],
            'permit_copies' => ['sometimes', 'required', 'integer', 'between:1,8'],
            'more_without_twin' => ['sometimes', 'required', 'integer', 'between:0,4'],
            'away_days' => ['sometimes', 'required', 'integer', 'between:0,3650'],
            'reads_again' => ['sometimes', 'required', Rule::in(array_keys(ReadAgain::CHOICES))],
            ...array_fill_keys(array_map(static fn (string $c): string => "a_year.{$c}", $causes), [
                'nullable',
                'numeric',
                'between:0,50',
            ]),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'integer' => 'This must be a whole number.',
            'numeric' => 'This must be a number.',
            'between' => 'This must lie between :min and :max.',
            'lte' => 'No more than the copies.',
        ];
    }
}
