<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use Illuminate\Foundation\Http\FormRequest;

/** A thing put somewhere, with its marks. */
final class PlacedRequest extends FormRequest
{
    /** @return array<string, mixed> */
    public function rules(): array
    {
        return ['item' => ['required', 'integer'], 'place' => ['required', 'string', 'max:80'], ...MarksRequest::marks()];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return (new MarksRequest)->messages();
    }
}
