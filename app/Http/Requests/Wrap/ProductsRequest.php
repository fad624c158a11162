<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use Illuminate\Foundation\Http\FormRequest;

/** The products of a catalogue, a line each. */
final class ProductsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['products' => ['nullable', 'string', 'max:20000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'This is too long.'];
    }

    public function products(): string
    {
        return (string) ($this->validated()['products'] ?? '');
    }
}
