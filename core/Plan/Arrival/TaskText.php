<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** Tasks as they are typed, a line each: "Camera above the goal, 25 min, 2 people, after Wire". */
final class TaskText
{
    private const MOST_LINES = 60;

    private const MOST_PEOPLE = 8;

    private const HANDS = '/^(\w+)\s*(?:people|persons?|hands|of us|helpers?)$/iu';

    private const NEEDS = '/^(?:needs|with)\s+(\w+)(?:\s+(?:people|persons?|hands|of us))?$/iu';

    private const AFTER = '/^(?:after|once|when)\s+(?:the\s+)?(.+?)(?:\s+(?:is|are)\s+(?:done|up|there|in place))?$/iu';

    /**
     * @return list<Task> in their order
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $tasks = $named = [];
        foreach (TypedLines::of($text, 'tasks', self::MOST_LINES) as $line) {
            $name = $line->parts[0];
            $key = mb_strtolower($name);
            if (isset($named[$key])) {
                $line->refuse("“{$name}” is there already");
            }
            $minutes = $by = null;
            $people = 1;
            $after = [];
            foreach ($line->rest() as $part) {
                $is = static fn (string $pattern): ?string => TypedLine::said($part, $pattern);
                $hands = TypedLine::count((string) ($is(self::HANDS) ?? $is(self::NEEDS)));
                if (TypedLine::minutes($part) !== null) {
                    $minutes = TypedLine::minutes($part);
                } elseif ($hands !== null && $hands >= 1 && $hands <= self::MOST_PEOPLE) {
                    $people = $hands;
                } elseif (($said = $is('/^by\s+(.+)$/iu')) !== null) {
                    $by = $said;
                } elseif (($said = $is(self::AFTER)) !== null) {
                    $after = [...$after, ...self::above($line, $said, $named)];
                } else {
                    $line->refuse("“{$part}” is not understood: 25 min, 2 people, by Odd, after Wire");
                }
            }
            if ($minutes === null) {
                $line->refuse("it does not say how long “{$name}” takes: 25 min");
            }
            $named[$key] = $name;
            $tasks[] = new Task($name, $minutes, max($people, count(TypedLine::names((string) $by))), $after, $by);
        }

        return $tasks;
    }

    /**
     * One task or several; a name may have an “and” of its own.
     *
     * @param  array<string, string>  $named  by how it is written small
     * @return list<string>
     *
     * @throws ImpossibleValue naming the line
     */
    private static function above(TypedLine $line, string $said, array $named): array
    {
        $whole = $named[mb_strtolower($said)] ?? null;
        if ($whole !== null) {
            return [$whole];
        }
        if (preg_match('/\s+(?:and|&)\s+/iu', $said, $found, PREG_OFFSET_CAPTURE) !== 1) {
            $line->refuse("“{$said}” does not stand above it");
        }
        $first = substr($said, 0, $found[0][1]);
        $rest = substr($said, $found[0][1] + strlen($found[0][0]));

        return [
            $named[mb_strtolower(trim($first))] ?? $line->refuse("“{$said}” does not stand above it"),
            ...self::above($line, trim($rest), $named),
        ];
    }
}
