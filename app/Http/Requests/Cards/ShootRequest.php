<?php

declare(strict_types=1);

namespace App\Http\Requests\Cards;

use Illuminate\Foundation\Http\FormRequest;

/** How many frames the stand-in cameras shoot. */
final class ShootRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['frames' => ['required', 'integer', 'between:1,500']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['frames.*' => 'From 1 to 500 frames a body.'];
    }
}
