<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Controllers\Plan\ShotController;
use Illuminate\Foundation\Http\FormRequest;

/** Many lines at once: all of them, or none. */
final class PasteShotsRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['lines' => ['required', 'string', 'max:40000']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ShotController::WORDS;
    }
}
