<?php

declare(strict_types=1);

namespace App\Http\Requests\People;

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

    /** @return array{crew: string, hospital: string, parking: string, call_note: string, floor: string} */
    public function fields(): array
    {
        $given = $this->validated();
        $text = static fn (string $name): string => trim((string) ($given[$name] ?? ''));

        return [
            'crew' => (string) ($given['crew'] ?? ''),
            'hospital' => $text('hospital'),
            'parking' => $text('parking'),
            'call_note' => $text('call_note'),
            'floor' => (string) ($given['floor'] ?? ''),
        ];
    }
}
