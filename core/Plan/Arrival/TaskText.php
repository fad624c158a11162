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
                if (($said = $is('/^(\d{1,3})\s*min(?:utes)?$/i')) !== null) {
                    $minutes = (int) $said;
                } elseif (($said = $is('/^(\d)\s*(?:people|persons|hands)$/i')) !== null && (int) $said >= 1 && (int) $said <= self::MOST_PEOPLE) {
                    $people = (int) $said;
                } elseif (($said = $is('/^by\s+(.+)$/iu')) !== null) {
                    $by = $said;
                } elseif (($said = $is('/^after\s+(.+)$/iu')) !== null) {
                    $after[] = $named[mb_strtolower($said)] ?? $line->refuse("“{$said}” does not stand above it");
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
}
