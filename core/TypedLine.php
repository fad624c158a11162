<?php

declare(strict_types=1);

namespace NorthSatchel;

use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Span;

/** A line of a list as it was typed: its words between commas, and how far it stands in. */
final readonly class TypedLine
{
    /**
     * @param  int  $number  from 1
     * @param  int  $depth  columns before its first word; a tab counts as 4
     * @param  list<string>  $parts  what stands between its commas, none of them empty
     */
    public function __construct(private string $field, public int $number, public int $depth, public string $text, public array $parts) {}

    /** @return list<string> behind the first */
    public function rest(): array
    {
        return array_slice($this->parts, 1);
    }

    /** What a part says where it fits: the first bracket of the pattern; else null. */
    public static function said(string $part, string $pattern): ?string
    {
        return preg_match($pattern, $part, $found) === 1 ? trim($found[1]) : null;
    }

    /** A number as it is said: “two”, “14”; null where it is none. */
    public static function count(string $said): ?int
    {
        $words = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'seven' => 7, 'eight' => 8, 'nine' => 9, 'ten' => 10];

        return $words[mb_strtolower(trim($said))] ?? (preg_match('/^\d{1,4}$/', trim($said)) === 1 ? (int) trim($said) : null);
    }

    /** Minutes where a part says nothing but how long: “25 min”, “about 1 h 30”, “half an hour”; a number alone says none. */
    public static function minutes(string $part): ?int
    {
        $length = (string) preg_replace('/^(?:for|takes?|lasts?|about|approx\.?|ca\.?|~)\s*/iu', '', trim($part));
        $words = ['a quarter of an hour' => 15, 'half an hour' => 30, 'an hour' => 60];
        $length = rtrim((string) preg_replace('/(?<=\d)(\s*)(?:minutes?|mins?\b)/iu', '$1min', $length), '.');
        if (isset($words[mb_strtolower($length)]) || preg_match('/^\d[\d.,]*\s*(?:min|h|hours?)\b|^\d+h\d/iu', $length) !== 1) {
            return $words[mb_strtolower($length)] ?? null;
        }
        try {
            return Span::ofHours($length);
        } catch (ImpossibleValue) {
            return null;
        }
    }

    /** @return list<string> who is named: “Mira and Runa”, “Odd & Ida” */
    public static function names(string $said): array
    {
        $names = array_map(trim(...), preg_split('/\s+(?:and|&)\s+/iu', $said) ?: []);

        return array_values(array_filter($names, static fn (string $name): bool => $name !== ''));
    }

    /** @throws ImpossibleValue naming the line, where it is no time of a clock */
    public function clock(string $said): ClockTime
    {
        try {
            return ClockTime::of(ClockTime::asTyped(trim($said)));
        } catch (ImpossibleValue) {
            $this->refuse("“{$said}” is no time of a clock");
        }
    }

    /** @throws ImpossibleValue naming the field and the line */
    public function refuse(string $why): never
    {
        throw ImpossibleValue::of($this->field, "must be read line by line: in line {$this->number}, {$why}");
    }
}
