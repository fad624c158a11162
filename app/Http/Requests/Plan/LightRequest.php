<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Sky\LightWanted;

/** The light that a segment is planned for. */
final class LightRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['light' => ['required', Rule::enum(LightWanted::class)]];
    }
}
