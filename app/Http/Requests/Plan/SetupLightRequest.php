<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\StudioRecord;
use Illuminate\Foundation\Http\FormRequest;

/** What stands where around the subject of each setup. */
final class SetupLightRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['lights' => ['nullable', 'string', 'max:12000'], 'measured' => ['nullable', 'string', 'max:12000']];
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

        return $record->fill(['lights' => (string) ($given['lights'] ?? ''), 'measured' => (string) ($given['measured'] ?? '')]);
    }
}
