<?php

declare(strict_types=1);

namespace NorthSatchel\Time;

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

    /** Minutes as hours and minutes: “7 h 05”. */
    public static function hours(int $minutes): string
    {
        return intdiv($minutes, 60).' h '.sprintf('%02d', $minutes % 60);
    }
}
