<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use Illuminate\Foundation\Http\FormRequest;

/** A group that moves up or down. */
final class MoveGroupRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['way' => ['required', 'in:up,down']];
    }
}
