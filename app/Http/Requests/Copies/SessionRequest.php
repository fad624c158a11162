<?php

declare(strict_types=1);

namespace App\Http\Requests\Copies;

use App\Models\Copies\SessionFolder;
use Illuminate\Foundation\Http\FormRequest;

/** The folder that a capture program writes into, and the two drives. */
final class SessionRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'folder' => ['required', 'string', 'max:1000'],
            'automatic_id' => ['required', 'integer', 'exists:destinations,id'],
            'by_hand_id' => ['required', 'integer', 'exists:destinations,id', 'different:automatic_id'],
            'allowed_minutes' => ['required', 'integer', 'between:1,600'],
            'is_watched' => ['nullable', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'exists' => 'That is no drive of this program: add it under Folders.',
            'different' => 'Two routes want two drives.',
            'allowed_minutes.between' => 'From 1 to 600 minutes.',
            'integer' => 'This must be a whole number.',
        ];
    }

    /** The folder as it was typed; not kept yet. */
    public function into(SessionFolder $record): SessionFolder
    {
        $given = $this->validated();

        return $record->fill([
            'folder' => (string) $given['folder'],
            'automatic_id' => (int) $given['automatic_id'],
            'by_hand_id' => (int) $given['by_hand_id'],
            'allowed_minutes' => (int) $given['allowed_minutes'],
            'is_watched' => (bool) ($given['is_watched'] ?? false),
        ]);
    }
}
