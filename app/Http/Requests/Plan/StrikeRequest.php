<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A setup that is struck, and who says so where something of it lacks. */
final class StrikeRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['setup' => ['required', 'string', 'max:200'], 'words' => ['nullable', 'string', 'max:400']];
    }

    public function setup(): string
    {
        return (string) $this->validated()['setup'];
    }

    public function words(): string
    {
        return (string) ($this->validated()['words'] ?? '');
    }
}
