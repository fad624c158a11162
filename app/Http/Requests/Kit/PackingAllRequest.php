<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** Several at once: the remedy of a loss. */
final class PackingAllRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['items' => ['required', 'string', 'regex:/^\d+(,\d+)*$/']];
    }
}
