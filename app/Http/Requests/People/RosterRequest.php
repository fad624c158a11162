<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\People\RosterRecord;
use Illuminate\Foundation\Http\FormRequest;

/** A roster as it was pasted, today's line-up, and the letters of the codes. */
final class RosterRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'players' => ['nullable', 'string', 'max:40000'],
            'line_up' => ['nullable', 'string', 'max:4000'],
            'codes' => ['nullable', 'string', 'max:2000'],
            'no_consent' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(RosterRecord $record): RosterRecord
    {
        $given = $this->validated();

        return $record->fill([
            'players' => (string) ($given['players'] ?? ''),
            'line_up' => (string) ($given['line_up'] ?? ''),
            'codes' => (string) ($given['codes'] ?? ''),
            'no_consent' => (string) ($given['no_consent'] ?? ''),
        ]);
    }
}
