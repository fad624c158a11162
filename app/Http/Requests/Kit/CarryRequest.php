<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Lane;

/** A thing changes hands. */
final class CarryRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['item' => ['required', 'integer'], 'lane' => ['required', Rule::enum(Lane::class)]];
    }
}
