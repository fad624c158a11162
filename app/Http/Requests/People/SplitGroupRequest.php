<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** Who leaves a group for one of their own. */
final class SplitGroupRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['names' => ['required', 'string', 'max:2000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'Who goes into the second?'];
    }
}
