<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** Of which element the frames since the last press are, and how many of them are keepers. */
final class CountFramesRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['element' => ['required', 'integer', 'min:1'], 'keepers' => ['required', 'integer', 'between:0,500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'integer' => 'This must be a whole number.', 'keepers.between' => 'From 0 to 500.'];
    }

    public function element(): int
    {
        return (int) $this->validated()['element'];
    }

    public function keepers(): int
    {
        return (int) $this->validated()['keepers'];
    }
}
