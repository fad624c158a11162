<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use Illuminate\Foundation\Http\FormRequest;

/** The folder at which a card is mounted. */
final class MountRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['folder' => ['required', 'string', 'max:1000'], 'allow' => ['nullable', 'boolean']];
    }
}
