<?php

declare(strict_types=1);

namespace App\Http\Requests\Scout;

use App\Models\Scout\GroundRecord;
use Illuminate\Foundation\Http\FormRequest;

/** A ground as it is typed. */
final class GroundRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** Decimal commas are read. */
    protected function prepareForValidation(): void
    {
        foreach (['length_m', 'width_m', 'bearing_deg'] as $name) {
            if (is_string($this->input($name))) {
                $this->merge([$name => str_replace(',', '.', trim($this->input($name)))]);
            }
        }
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'length_m' => ['required', 'numeric', 'between:1,20000'],
            'width_m' => ['required', 'numeric', 'between:1,20000'],
            'bearing_deg' => ['required', 'numeric', 'min:0', 'lt:360'],
            'zones' => ['nullable', 'string', 'max:6000'],
            'posts' => ['nullable', 'string', 'max:8000'],
            'ways' => ['nullable', 'string', 'max:6000'],
            'outline' => ['nullable', 'string', 'max:2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'numeric' => 'This must be a number.',
            'between' => 'From 1 m to 20 km.',
            'bearing_deg.min' => 'A bearing runs from 0 to below 360, clockwise from north.',
            'bearing_deg.lt' => 'A bearing runs from 0 to below 360, clockwise from north.',
        ];
    }

    /** The record with what was typed; nothing is kept yet. */
    public function into(GroundRecord $record): GroundRecord
    {
        $given = $this->validated();

        return $record->fill([
            'length_m' => (float) $given['length_m'],
            'width_m' => (float) $given['width_m'],
            'bearing_deg' => (float) $given['bearing_deg'],
            'zones' => (string) ($given['zones'] ?? ''),
            'posts' => (string) ($given['posts'] ?? ''),
            'ways' => (string) ($given['ways'] ?? ''),
            'outline' => (string) ($given['outline'] ?? ''),
        ]);
    }
}
