<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** Names typed while the couple says them: called next. */
final class CallNowRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['people' => ['required', 'string', 'max:2000'], 'add' => ['nullable', 'string', 'max:400']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Who is in it?'];
    }
}
