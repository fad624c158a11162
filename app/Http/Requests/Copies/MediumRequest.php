<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** What the owner calls a medium of which the system says nothing; said once, in writing. */
final class MediumRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['medium' => ['required', 'string', 'max:80'], 'words' => ['required', 'string', 'min:10', 'max:500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'min' => 'A few more words: which disk it is, and how you know.',
            'max' => 'That is too long.',
        ];
    }
}
