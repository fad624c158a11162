<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** Which segments are periods. */
final class PeriodsRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['segments' => ['array', 'max:100'], 'segments.*' => ['integer']];
    }

    /** @return list<int> */
    public function segments(): array
    {
        return array_map(intval(...), array_values($this->validated('segments') ?? []));
    }
}
