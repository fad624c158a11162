<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use App\Http\Controllers\Copies\FolderController;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A place that copies go to. */
final class DestinationRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60', 'unique:destinations,name'],
            'folder' => ['required', 'string', 'max:1000'],
            'kept' => ['required', Rule::in(array_keys(FolderController::KEPT))],
            'allow' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['required' => 'This is needed.', 'name.unique' => 'Another destination has this name.'];
    }
}
