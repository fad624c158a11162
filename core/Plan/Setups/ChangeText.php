<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** What it takes from one setup to another, a line each: "Dark tank to White table, 25 min"; both ways unless the other is listed too. */
final class ChangeText
{
    private const MOST_LINES = 100;

    private const MOST_MINUTES = 600;

    /**
     * @param  list<string>  $setups  of the list of elements
     * @return array<string, array<string, int>> minutes by from and to
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text, array $setups): array
    {
        $known = array_combine(array_map(mb_strtolower(...), $setups), $setups);
        $listed = [];
        foreach (TypedLines::of($text, 'changes', self::MOST_LINES) as $line) {
            // A setup may have commas in its name, and the word between the two.
            $minutes = preg_match('/^(.+)[,:]\s*([^,:]+)$/u', $line->text, $found) === 1 ? TypedLine::minutes($found[2]) : null;
            if ($minutes === null || $minutes > self::MOST_MINUTES) {
                $line->refuse('no number of minutes stands at its end: Dark tank to White table, 25 min');
            }
            $pair = null;
            $words = preg_split('/\s+(?:to|→|->)\s+/iu', $found[1]) ?: [];
            for ($i = 1; $i < count($words); $i++) {
                $from = $known[mb_strtolower(trim(implode(' to ', array_slice($words, 0, $i))))] ?? null;
                $to = $known[mb_strtolower(trim(implode(' to ', array_slice($words, $i))))] ?? null;
                $pair = $from !== null && $to !== null ? [$from, $to] : $pair;
            }
            if ($pair === null) {
                $line->refuse("“{$found[1]}” does not name two setups of the list: Dark tank to White table, 25 min");
            }
            [$from, $to] = $pair;
            if ($from === $to || isset($listed[$from][$to])) {
                $line->refuse($from === $to ? 'both are one setup' : 'it is there already');
            }
            $listed[$from][$to] = $minutes;
        }

        return $listed;
    }
}
