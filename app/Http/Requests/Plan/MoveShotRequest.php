<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use Illuminate\Foundation\Http\FormRequest;

/** A shot that moves up or down. */
final class MoveShotRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['way' => ['required', 'in:up,down']];
    }
}
