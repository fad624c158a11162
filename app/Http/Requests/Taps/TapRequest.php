<?php

declare(strict_types=1);

namespace App\Http\Requests\Taps;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use NorthSatchel\Taps\TapKind;

/** One tap from a plain form. */
final class TapRequest extends FormRequest
{
    private const NAMES = ['job', 'item', 'card', 'body', 'slot', 'person', 'group', 'line', 'element', 'setup'];

    /** @return array<string, mixed> */
    public function rules(): array
    {
        $kinds = array_filter(
            TapKind::cases(),
            static fn (TapKind $k): bool => $k->isOfDevices() && ! in_array($k, TapKind::ofTheDay(), true),
        );
        $kind = $this->input('kind');
        $carried = is_string($kind) ? TapKind::tryFrom($kind)?->carries() ?? [] : [];
        $rules = ['kind' => ['required', 'string', Rule::in(array_map(static fn (TapKind $k): string => $k->value, $kinds))]];
        foreach (self::NAMES as $name) {
            $rules[$name] = [in_array($name, $carried, true) ? 'required' : 'nullable', 'integer', 'between:0,999999999999'];
        }

        return $rules;
    }

    public function kind(): TapKind
    {
        return TapKind::from((string) $this->string('kind'));
    }

    /** @return array<string, int> what it acts on */
    public function on(): array
    {
        return array_map(intval(...), array_filter($this->only(self::NAMES), static fn (mixed $v): bool => $v !== null));
    }
}
