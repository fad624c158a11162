<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;

/** From which frame on it is which product. */
final class BoardWordRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['frame' => ['required', 'string', 'max:40'], 'product' => ['required', 'integer', 'between:0,999999']];
    }

    public function frame(): string
    {
        return (string) $this->validated()['frame'];
    }

    public function product(): int
    {
        return (int) $this->validated()['product'];
    }
}
