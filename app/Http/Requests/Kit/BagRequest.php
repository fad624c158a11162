<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Models\Kit\Bag;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** A bag that things are packed into. */
final class BagRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:40', 'unique:bags,name'],
            'kind' => ['required', Rule::in(Bag::KINDS)],
            'places' => ['required', 'integer', 'between:1,60'],
            'limit_kg' => ['nullable', 'numeric', 'between:0.1,100'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'unique' => 'There is a bag of that name.',
            'between' => 'This must lie between :min and :max.',
            'integer' => 'This must be a whole number.',
            'numeric' => 'This must be a number.',
        ];
    }
}
