<?php

declare(strict_types=1);

namespace App\Models\Plan;

use App\Bundle\BundleValue;

/**
 * A yes or no of a segment, or a whole number: stated once, for the form, what it takes, what is stored, and what a bundle may bring.
 * A new one needs a column, a line here, and what reads it ({@see \App\Desks\Plan\SegmentReader}).
 */
final readonly class SegmentField
{
    private const MOST_MINUTES = 600;

    /**
     * @param  int|null  $most  null: a yes or no
     * @param  bool  $isNeeded  0 where nothing is typed, else nothing
     * @param  string  $wrong  what is said where it lies outside
     * @param  string|null  $beside  a rule that holds it against another field
     */
    private function __construct(
        public string $name,
        public string $label,
        public SegmentFieldset $in,
        public int $least = 0,
        public ?int $most = null,
        public bool $isNeeded = false,
        public ?string $hint = null,
        private string $wrong = '',
        private ?string $beside = null,
    ) {}

    /** @return list<self> in the order in which the form shows them */
    public static function all(): array
    {
        [$first, $light, $late] = SegmentFieldset::cases();
        $hours = 'From 0 to 600 minutes.';

        return [
            new self('is_outdoor', 'outdoors', $first),
            new self('is_anchor', 'does not move', $first),
            new self('is_break', 'a meal or a rest', $first),
            new self('setup_minutes', 'Setting up, min', $light, 0, self::MOST_MINUTES, true, wrong: $hours),
            new self('short_minutes', 'Shortest bearable', $late, 1, 1440, wrong: 'At least one minute.', beside: 'lt:minutes'),
            new self('low_minutes', 'May turn out as short as', $late, 1, 1440, wrong: 'At least one minute.', beside: 'lte:minutes'),
            new self('high_minutes', 'or as long as', $late, 1, 2880, wrong: 'At most two days.', beside: 'gte:minutes'),
            new self('takes_in_minutes', 'Takes in, minutes of others', $late, 0, self::MOST_MINUTES, true, wrong: $hours),
            new self(
                'worth',
                'Worth, 0 to 1000',
                $late,
                0,
                1000,
                hint: 'else must 300, should 100, nice 30',
                wrong: 'From 0 to 1000; a must counts 300, a should 100, a nice 30.',
            ),
            new self('may_move', 'may move into a later one that takes others in', $late),
        ];
    }

    /** @return list<self> of one part of the form */
    public static function of(SegmentFieldset $in): array
    {
        return array_values(array_filter(self::all(), static fn (self $field): bool => $field->in === $in));
    }

    /** @return array<string, list<string>> what the form takes */
    public static function rules(): array
    {
        $rules = [];
        foreach (self::all() as $field) {
            if ($field->most !== null) {
                $between = "between:{$field->least},{$field->most}";
                $rules[$field->name] = array_values(array_filter(['nullable', 'integer', $between, $field->beside]));
            }
        }

        return $rules;
    }

    /** @return array<string, string> what is said where one is outside of what it takes */
    public static function messages(): array
    {
        $messages = [];
        foreach (self::all() as $field) {
            $messages["{$field->name}.between"] = $field->wrong;
        }

        return array_filter($messages);
    }

    /** What is stored of what was typed. */
    public function stored(mixed $typed): int|bool|null
    {
        return match (true) {
            $this->most === null => filter_var($typed, FILTER_VALIDATE_BOOL),
            is_numeric($typed) => (int) $typed,
            default => $this->isNeeded ? 0 : null,
        };
    }

    /** @return array<string, string> how the model reads them */
    public static function casts(): array
    {
        $casts = [];
        foreach (self::all() as $field) {
            $casts[$field->name] = $field->most === null ? 'bool' : 'int';
        }

        return $casts;
    }

    /** @return array<string, BundleValue> what a bundle may bring */
    public static function ofBundle(): array
    {
        $values = [];
        foreach (self::all() as $field) {
            $whole = $field->most === null ? null : BundleValue::whole($field->least, $field->most);
            $values[$field->name] = $whole === null ? BundleValue::yesOrNo() : ($field->isNeeded ? $whole->needed() : $whole);
        }

        return $values;
    }
}
