<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Priority;
use NorthSatchel\TypedLine;
use NorthSatchel\TypedLines;

/** Looks, and further in their poses: "Wool coat, with Mira, change 10 min, hair 15 min" and "Collar up, 3 min, supported, throws 6, helpers 2". */
final class LooksText
{
    private const MOST_LINES = 200;

    private const MOST_MINUTES = 240;

    /**
     * @return list<Look>
     *
     * @throws ImpossibleValue naming the line
     */
    public static function read(string $text): array
    {
        $lines = TypedLines::of($text, 'looks', self::MOST_LINES);
        $top = $lines === [] ? 0 : min(array_map(static fn (TypedLine $l): int => $l->depth, $lines));
        $looks = $poses = [];
        $at = '';
        foreach ($lines as $line) {
            if ($line->depth === $top) {
                $look = self::look($line);
                $at = mb_strtolower($look->name);
                isset($looks[$at]) ? $line->refuse("“{$look->name}” is there already") : null;
                $looks[$at] = $look;
            } else {
                $poses[$at][] = self::pose($line);
            }
        }

        return array_values(array_map(static fn (Look $l): Look => $l->with($poses[mb_strtolower($l->name)] ?? []), $looks));
    }

    /** @throws ImpossibleValue */
    private static function look(TypedLine $line): Look
    {
        $model = null;
        $change = $hair = 0;
        $priority = Priority::Must;
        foreach ($line->rest() as $part) {
            if (($said = TypedLine::said($part, '/^(?:with|on)\s+(.+)$/iu')) !== null) {
                $model = $said;
            } elseif (($said = TypedLine::said($part, '/^change\s+(\d{1,3})\s*min(?:utes)?$/i')) !== null) {
                $change = self::minutes($line, $said);
            } elseif (($said = TypedLine::said($part, '/^(?:hair|make-?up|hair and make-?up)\s+(\d{1,3})\s*min(?:utes)?$/i')) !== null) {
                $hair += self::minutes($line, $said);
            } elseif (Priority::tryFrom(mb_strtolower($part)) !== null) {
                $priority = Priority::from(mb_strtolower($part));
            } else {
                $line->refuse("“{$part}” is not understood: with Mira, change 10 min, hair 15 min, nice");
            }
        }

        return new Look($line->parts[0], $model, $change, $hair, [], $priority);
    }

    /** @throws ImpossibleValue */
    private static function pose(TypedLine $line): Pose
    {
        $minutes = Pose::USUAL_MINUTES;
        $stance = '';
        $throws = $helpers = 0;
        $priority = Priority::Must;
        foreach ($line->rest() as $part) {
            if (($said = TypedLine::said($part, '/^(\d{1,3})\s*min(?:utes)?$/i')) !== null) {
                $minutes = max(1, self::minutes($line, $said));
            } elseif (in_array(mb_strtolower($part), ['supported', 'floor', 'free'], true)) {
                $stance = mb_strtolower($part);
            } elseif (($said = TypedLine::said($part, '/^throws\s+(\d{1,3})$/i')) !== null) {
                $throws = (int) $said;
            } elseif (($said = TypedLine::said($part, '/^helpers\s+(\d)$/i')) !== null) {
                $helpers = (int) $said;
            } elseif (Priority::tryFrom(mb_strtolower($part)) !== null) {
                $priority = Priority::from(mb_strtolower($part));
            } else {
                $line->refuse("“{$part}” is not understood: 3 min, supported (or floor, free), throws 6, helpers 2, nice");
            }
        }

        return new Pose($line->parts[0], $minutes, $stance, $throws, $helpers, $priority);
    }

    /** @throws ImpossibleValue */
    private static function minutes(TypedLine $line, string $said): int
    {
        return (int) $said <= self::MOST_MINUTES ? (int) $said : $line->refuse('from 0 to '.self::MOST_MINUTES.' minutes can be');
    }
}
