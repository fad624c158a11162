<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Plan\Audience;

/** From whom something is hidden. */
final class SecrecyRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['hidden_from' => ['nullable', 'array'], 'hidden_from.*' => [Rule::enum(Audience::class)]];
    }

    /** @return list<string> */
    public function hiddenFrom(): array
    {
        return array_values(array_unique($this->validated()['hidden_from'] ?? []));
    }
}
