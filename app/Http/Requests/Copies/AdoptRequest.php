<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use App\Http\Controllers\Copies\FolderController;
use App\Models\Copies\Destination;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A folder that a hand or another routine copied to is looked through, and counted as a route of its own. */
final class AdoptRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'folder' => ['required', 'string', 'max:1000'],
            'route' => ['required', 'string', 'max:60', Rule::notIn([Destination::OURS])],
            'adopt_kept' => ['required', Rule::in(array_keys(FolderController::KEPT))],
            'adopt_kind' => ['required', Rule::in(Destination::KINDS)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'not_in' => 'By hand, or the name of the other routine.'];
    }
}
