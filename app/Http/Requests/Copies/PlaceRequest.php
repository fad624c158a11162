<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use App\Http\Controllers\Copies\FolderController;
use App\Models\Copies\Destination;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where a drive sleeps, what it is, and whose password opens it. */
final class PlaceRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'kept' => ['required', Rule::in(array_keys(FolderController::KEPT))],
            'device_kind' => ['required', Rule::in(Destination::KINDS)],
            'account' => ['nullable', 'string', 'max:80'],
            'mb_per_s' => ['required', 'numeric', 'between:0.1,20000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'numeric' => 'This must be a number.', 'between' => 'This must lie between :min and :max.'];
    }
}
