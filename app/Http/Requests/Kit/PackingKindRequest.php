<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

final class PackingKindRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['kind' => ['required', 'in:card,cell'], 'count' => ['required', 'integer', 'between:1,50']];
    }
}
