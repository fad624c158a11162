<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** So many of a kind, from the shelf onto the list. */
final class PackingKindRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['kind' => ['required', 'in:card,cell'], 'count' => ['required', 'integer', 'between:1,50']];
    }
}
