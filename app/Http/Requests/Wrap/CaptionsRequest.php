<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;

/** Captions as they are typed. */
final class CaptionsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['captions' => ['nullable', 'string', 'max:200000']];
    }

    public function captions(): string
    {
        return (string) ($this->validated('captions') ?? '');
    }
}
