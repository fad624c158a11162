<?php

declare(strict_types=1);

namespace App\Http\Requests\Kit;

use App\Desks\Kit\ShelfDesk;
use App\Models\Kit\Body;
use App\Models\Kit\Item;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;

/** A thing for the shelf: what every kind has, and the fields of its own. */
final class ItemRequest extends FormRequest
{
    public function authorize(): bool
    {
        return $this->user() !== null;
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'kind' => ['required', Rule::enum(GearKind::class)],
            'label' => ['required', 'string', 'max:60', Rule::unique('items', 'label')->ignore($this->item())],
            'description' => ['nullable', 'string', 'max:160'],
            'weight_g' => ['nullable', 'integer', 'between:1,100000'],
            'lead_days' => ['nullable', 'integer', 'between:0,365'],
            'ownership' => ['nullable', Rule::enum(Ownership::class)],
            'from_whom' => ['nullable', 'string', 'max:80', 'required_if:ownership,borrowed', 'required_if:ownership,hired'],
            'due_on' => ['nullable', 'date_format:Y-m-d'],
            'bought_on' => ['nullable', 'date_format:Y-m-d'],
        ];
    }

    /** @return list<\Closure(Validator): void> */
    public function after(): array
    {
        return [
            function (Validator $validator): void {
                $kind = GearKind::tryFrom(is_string($this->input('kind')) ? $this->input('kind') : '');
                foreach ($kind === null ? [] : ShelfDesk::wrong($kind, $this->typed()) as $field => $sentence) {
                    $validator->errors()->add($field, $sentence);
                }
                $serial = trim(is_string($this->input('serial')) ? $this->input('serial') : '');
                if (
                    $kind === GearKind::Body &&
                    $serial !== '' &&
                    Body::query()
                        ->where('serial', $serial)
                        ->where('item_id', '!=', $this->item()->id ?? 0)
                        ->exists()
                ) {
                    $validator->errors()->add('serial', 'Another body has this serial number.');
                }
            },
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'required' => 'This is needed.',
            'from_whom.required_if' => 'From whom?',
            'label.unique' => 'Another item on the shelf has this label.',
            'integer' => 'This must be a whole number.',
            'between' => 'This must lie between :min and :max.',
            'date_format' => 'This must be a day as YYYY-MM-DD.',
        ];
    }

    public function kind(): GearKind
    {
        return GearKind::from((string) $this->validated('kind'));
    }

    /** @return array<string, string> the fields of the kinds, as they were typed */
    public function typed(): array
    {
        return array_map(static fn (mixed $v): string => is_scalar($v) ? (string) $v : '', $this->only(array_keys(GearKind::allFields())));
    }

    /** @return array<string, string|int|null> */
    public function common(): array
    {
        $given = $this->validated();

        return [
            'label' => (string) $given['label'],
            ...array_intersect_key($given, array_flip(ShelfDesk::COMMON)),
            'ownership' => $given['ownership'] ?? 'owned',
        ];
    }

    private function item(): ?Item
    {
        $item = $this->route('item');

        return $item instanceof Item ? $item : null;
    }
}
