<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;

/** The weather delays everything outdoors: into other light, perhaps into the night (M15). */
final class Weather
{
    /** Outdoor segments that start at a time or later, anchors too, moved by so many minutes. */
    public static function delay(PlannedDay $day, int $minutes, int $fromUnix = PHP_INT_MIN): PlannedDay
    {
        $segments = array_map(
            static fn (Segment $s): Segment => $s->setting->isOutdoor && $s->startsAt >= $fromUnix
                ? $s->at($s->startsAt + 60 * $minutes, $s->minutes)
                : $s,
            $day->segments,
        );

        return $day->with($segments);
    }
}
