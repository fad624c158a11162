<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Http\Controllers\Plan\ShotController;
use Illuminate\Foundation\Http\FormRequest;

/** Many lines for the whole job, each put where its words belong. */
final class PasteAnywhereRequest extends FormRequest
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
