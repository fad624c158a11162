<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use Illuminate\Foundation\Http\FormRequest;

/** A spot whose people are turned. */
final class TurnRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'spot' => ['required', 'integer', 'exists:spots,id'],
            'facing' => ['required', 'numeric', 'min:0', 'max:360'],
        ];
    }
}
