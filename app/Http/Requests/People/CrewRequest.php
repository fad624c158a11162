<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

use App\Models\Plan\StudioRecord;
use Illuminate\Foundation\Http\FormRequest;

/** Who is called, and what stands on the sheet beside them. */
final class CrewRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'crew' => ['nullable', 'string', 'max:12000'],
            'hospital' => ['nullable', 'string', 'max:200'],
            'parking' => ['nullable', 'string', 'max:200'],
            'call_note' => ['nullable', 'string', 'max:2000'],
            'floor' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['max' => 'This is too long.'];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(StudioRecord $record): StudioRecord
    {
        $given = $this->validated();
        $text = static fn (string $name): string => trim((string) ($given[$name] ?? ''));

        return $record->fill([
            'crew' => (string) ($given['crew'] ?? ''),
            'hospital' => $text('hospital'),
            'parking' => $text('parking'),
            'call_note' => $text('call_note'),
            'floor' => (string) ($given['floor'] ?? ''),
        ]);
    }
}
