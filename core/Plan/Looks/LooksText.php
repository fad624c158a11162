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

    private const STANCES = [
        'supported' => '/^(?:supported|seated|sitting|leaning|(?:on|against) (?:an? |the )?(?:chair|stool|wall|table|sofa|bench|rail|box))$/iu',
        'floor' => '/^(?:(?:on the |on a )?floor|lying(?: down)?|kneeling)$/iu',
        'free' => '/^(?:free|standing(?: free)?|walking)$/iu',
    ];

    private const THROWS = ['/^(?:throws?|thrown)\s+(\w+)(?:\s*(?:times|×))?$/iu', '/^(\w+)\s+throws$/iu'];

    private const HELPERS = ['/^helpers?\s+(\w+)$/iu', '/^(\w+)\s+(?:helpers?|assistants?)$/iu'];

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
            $wears = TypedLine::said($part, '/^(?:with|on|worn by)\s+(.+)$/iu') ?? TypedLine::said($part, '/^(.+?)\s+wears(?: it)?$/iu');
            if ($wears !== null) {
                $model = $wears;
            } elseif (($took = self::takes($part, 'chang(?:e|ing)')) !== null) {
                $change = self::minutes($line, $took);
            } elseif (($took = self::takes($part, '(?:hair(?:\s*(?:and|&|\+)\s*make-?up)?|make-?up(?:\s*(?:and|&|\+)\s*hair)?)')) !== null) {
                $hair += self::minutes($line, $took);
            } elseif (Priority::said($part) !== null) {
                $priority = Priority::said($part);
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
            $thrown = self::times($part, self::THROWS);
            $helps = self::times($part, self::HELPERS);
            if (($took = TypedLine::minutes($part)) !== null) {
                $minutes = max(1, self::minutes($line, $took));
            } elseif (($how = array_key_first(array_filter(self::STANCES, static fn (string $p): bool => preg_match($p, $part) === 1))) !== null) {
                $stance = $how;
            } elseif ($thrown !== null) {
                $throws = $thrown;
            } elseif ($helps !== null && $helps < 10) {
                $helpers = $helps;
            } elseif (Priority::said($part) !== null) {
                $priority = Priority::said($part);
            } else {
                $line->refuse("“{$part}” is not understood: 3 min, supported (or floor, free), throws 6, helpers 2, nice");
            }
        }

        return new Pose($line->parts[0], $minutes, $stance, $throws, $helpers, $priority);
    }

    /** @throws ImpossibleValue */
    private static function minutes(TypedLine $line, int $said): int
    {
        return $said <= self::MOST_MINUTES ? $said : $line->refuse('from 0 to '.self::MOST_MINUTES.' minutes can be');
    }

    /** Minutes that stand before or behind a word: “change 10 min”, “10 min change”. */
    private static function takes(string $part, string $word): ?int
    {
        $length = TypedLine::said($part, "/^{$word}:?\s+(.+)$/iu") ?? TypedLine::said($part, "/^(.+?)(?:\s+(?:for|of|to))?\s+{$word}$/iu");

        return $length === null ? null : TypedLine::minutes($length);
    }

    /** @param  list<string>  $patterns  with how often in their bracket */
    private static function times(string $part, array $patterns): ?int
    {
        foreach ($patterns as $pattern) {
            $said = TypedLine::said($part, $pattern);
            if ($said !== null) {
                return TypedLine::count($said);
            }
        }

        return null;
    }
}
