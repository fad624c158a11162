<?php

declare(strict_types=1);

namespace App\Http\Requests\Plan;

use App\Models\Plan\SendingRecord;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Time\Lane;

/** What is wanted early, the gaps, and the rate. */
final class SendingRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** Decimal commas are read. */
    protected function prepareForValidation(): void
    {
        foreach (['rate_mb_s', 'overhead_s'] as $name) {
            if (is_string($this->input($name))) {
                $this->merge([$name => str_replace(',', '.', trim($this->input($name)))]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'lane' => ['required', Rule::enum(Lane::class)],
            'rate_mb_s' => ['required', 'numeric', 'between:0.01,1000'],
            'overhead_s' => ['required', 'numeric', 'between:0,600'],
            'pictures' => ['nullable', 'string', 'max:8000'],
            'gaps' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'rate_mb_s.between' => 'From 0.01 to 1000 MB/s.',
            'overhead_s.between' => 'From 0 to 600 s.',
        ];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(SendingRecord $record): SendingRecord
    {
        $given = $this->validated();

        return $record->fill([
            'lane' => (string) $given['lane'],
            'rate_mb_s' => (float) $given['rate_mb_s'],
            'overhead_s' => (float) $given['overhead_s'],
            'pictures' => (string) ($given['pictures'] ?? ''),
            'gaps' => (string) ($given['gaps'] ?? ''),
        ]);
    }
}
