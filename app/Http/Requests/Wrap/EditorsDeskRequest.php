<?php

declare(strict_types=1);

namespace App\Http\Requests\Wrap;

use App\Models\Wrap\EditorsDeskRecord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** Where the pictures go. */
final class EditorsDeskRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::in(EditorsDeskRecord::KINDS)],
            'path' => ['required', 'string', 'max:300'],
            'host' => ['required_if:kind,sftp', 'nullable', 'string', 'max:200', 'regex:/^[A-Za-z0-9.:-]+$/'],
            'port' => ['nullable', 'integer', 'between:1,65535'],
            'user' => ['required_if:kind,sftp', 'nullable', 'string', 'max:100'],
            'secret' => ['nullable', 'string', 'max:10000'],
            'creator' => ['nullable', 'string', 'max:120'],
            'copyright' => ['nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'required_if' => 'A server needs this.',
            'host.regex' => 'The name or the number of a server, without anything else.',
            'between' => 'From 1 to 65535.',
        ];
    }

    /** @return array<string, mixed> without a password where none was typed: the one that is kept stays */
    public function desk(): array
    {
        $given = $this->validated();

        return ($given['secret'] ?? '') === '' ? array_diff_key($given, ['secret' => null]) : $given;
    }
}
