<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** A proposal of the couple that is accepted, with the people who come onto the list for it. */
final class AcceptRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['add' => ['nullable', 'string', 'max:400']];
    }
}
