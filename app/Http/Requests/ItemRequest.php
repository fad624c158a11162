<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A thing for the shelf. */
final class ItemRequest extends FormRequest
{
    public const KINDS = ['body', 'lens', 'flash', 'cell', 'card', 'reader', 'drive', 'other'];

    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', 'in:'.implode(',', self::KINDS)],
            'label' => ['required', 'string', 'max:60', 'unique:items,label'],
            'description' => ['nullable', 'string', 'max:160'],
            'focal_min_mm' => ['nullable', 'required_if:kind,lens', 'integer', 'between:4,2000'],
            'focal_max_mm' => ['nullable', 'required_if:kind,lens', 'integer', 'between:4,2000', 'gte:focal_min_mm'],
            'cell_type' => ['nullable', 'required_if:kind,cell', 'required_if:kind,body', 'string', 'max:40'],
            'capacity_gb' => ['nullable', 'required_if:kind,card', 'numeric', 'between:0.1,100000'],
            'serial' => ['nullable', 'required_if:kind,body', 'string', 'max:60', 'unique:bodies,serial'],
            'raw_mb' => ['nullable', 'required_if:kind,body', 'numeric', 'between:0.1,2000'],
            'jpeg_mb' => ['nullable', 'required_if:kind,body', 'numeric', 'between:0,500'],
            'frames_per_charge' => ['nullable', 'required_if:kind,body', 'integer', 'between:1,20000'],
            'standby_hours_per_charge' => ['nullable', 'required_if:kind,body', 'numeric', 'between:0.1,2000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'required_if' => 'This is needed for a :value.',
            'label.unique' => 'Another item on the shelf has this label.',
            'serial.unique' => 'Another body has this serial number.',
            'focal_max_mm.gte' => 'The range is upside down: the longer end comes second.',
            'integer' => 'This must be a whole number.',
            'numeric' => 'This must be a number.',
            'between' => 'This must lie between :min and :max.',
        ];
    }
}
