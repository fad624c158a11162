<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\ImpossibleValue;

/** Tasks as they are typed, a line each: "Camera above the goal, 25 min, 2 people, after Wire". */
final class TaskText
{
    private const MOST_LINES = 60;

    private const MOST_PEOPLE = 8;

    /**
     * @return list<Task> in their order
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $tasks = $named = [];
        $lines = preg_split('/\R/u', $text) ?: [];
        if (count($lines) > self::MOST_LINES) {
            throw ImpossibleValue::of('tasks', 'must be '.self::MOST_LINES.' lines at most');
        }
        foreach ($lines as $at => $line) {
            $parts = array_values(array_filter(array_map(trim(...), explode(',', $line)), static fn (string $p): bool => $p !== ''));
            if ($parts === []) {
                continue;
            }
            $name = $parts[0];
            $key = mb_strtolower($name);
            if (isset($named[$key])) {
                self::refuse($at, "“{$name}” is there already");
            }
            $minutes = $by = null;
            $people = 1;
            $after = [];
            foreach (array_slice($parts, 1) as $part) {
                $is = static fn (string $pattern): ?string => preg_match($pattern, $part, $found) === 1 ? $found[1] : null;
                if (($said = $is('/^(\d{1,3})\s*min(?:utes)?$/i')) !== null) {
                    $minutes = (int) $said;
                } elseif (($said = $is('/^(\d)\s*(?:people|persons|hands)$/i')) !== null && (int) $said >= 1 && (int) $said <= self::MOST_PEOPLE) {
                    $people = (int) $said;
                } elseif (($said = $is('/^by\s+(.+)$/iu')) !== null) {
                    $by = $said;
                } elseif (($said = $is('/^after\s+(.+)$/iu')) !== null) {
                    $after[] = $named[mb_strtolower($said)] ?? self::refuse($at, "“{$said}” does not stand above it");
                } else {
                    self::refuse($at, "“{$part}” is not understood: 25 min, 2 people, by Odd, after Wire");
                }
            }
            if ($minutes === null) {
                self::refuse($at, "it does not say how long “{$name}” takes: 25 min");
            }
            $named[$key] = $name;
            $tasks[] = new Task($name, $minutes, $people, $after, $by);
        }

        return $tasks;
    }

    /** @throws ImpossibleValue */
    private static function refuse(int $at, string $why): never
    {
        throw ImpossibleValue::of('tasks', 'must be read line by line: in line '.($at + 1).", {$why}");
    }
}
