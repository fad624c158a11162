<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

use NorthSatchel\ImpossibleValue;

/** Lengths of time in words. */
final class Span
{
    /** Seconds to the second, whichever way they go: “1 h 2 min 3 s”, “2 min”, “0 s”. */
    public static function exact(int $seconds): string
    {
        $size = abs($seconds);
        $parts = array_filter([
            $size >= 3600 ? intdiv($size, 3600).' h' : '',
            intdiv($size, 60) % 60 > 0 ? intdiv($size, 60) % 60 .' min' : '',
            $size % 60 > 0 ? $size % 60 .' s' : '',
        ]);

        return $parts === [] ? '0 s' : implode(' ', $parts);
    }

    /**
     * Hours as people type them, in minutes: 2, 5.5, 5,5, 5:30, 5 h 30, 90 min.
     *
     * @throws ImpossibleValue where it is none of these
     */
    public static function ofHours(string $typed): int
    {
        $text = mb_strtolower(trim($typed));
        $found = [];
        if (preg_match('/^(\d{1,3})\s*(?:min|minutes?|m)$/', $text, $found) === 1) {
            return (int) $found[1];
        }
        if (preg_match('/^(\d{1,2})\s*(?::|h|hours?)\s*([0-5]?\d)\s*(?:min|m)?$/', $text, $found) === 1) {
            return 60 * (int) $found[1] + (int) $found[2];
        }
        if (preg_match('/^(\d{1,2})(?:[.,](\d{1,2}))?\s*(?:h|hours?)?$/', $text, $found) === 1) {
            return (int) round(60 * (float) ($found[1].'.'.($found[2] ?? '0')));
        }
        throw ImpossibleValue::of('hours', 'must be hours, such as 2, 5.5, 5:30 or 90 min');
    }

    /** A move in minutes: “20 min later”, “1 h 05 earlier”. */
    public static function later(int $by): string
    {
        return self::hours(abs($by)).($by < 0 ? ' earlier' : ' later');
    }

    /** Minutes as hours and minutes: “7 h 05”, “2 h”, “40 min”. */
    public static function hours(int $minutes): string
    {
        return match (true) {
            $minutes < 60 => "{$minutes} min",
            $minutes % 60 === 0 => intdiv($minutes, 60).' h',
            default => intdiv($minutes, 60).' h '.sprintf('%02d', $minutes % 60),
        };
    }
}
