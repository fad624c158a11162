<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Plan\LocalDay;

/** When a point stands in the shadow of a thing on one local day. */
final class ShadowForecast
{
    private const STEP_S = 20;

    /** @return list<array{from: int, to: int}> Unix seconds */
    public static function of(GeoPoint $place, LocalDay $day, float $subjectHeightM, ShadowCaster $thing): array
    {
        $depth = static fn (float $at): float => $thing->depthDeg(Sun::at($place, $at), $subjectHeightM);
        $intervals = [];
        $from = $depth($day->startsAt()) > 0 ? $day->startsAt() : null;
        for ($at = $day->startsAt(); $at < $day->endsAt(); $at += self::STEP_S) {
            $next = min($at + self::STEP_S, $day->endsAt());
            $isIn = $depth($next) > 0;
            if ($isIn && $from === null) {
                $from = self::edge($depth, $at, $next);
            } elseif (! $isIn && $from !== null) {
                $intervals[] = ['from' => $from, 'to' => self::edge($depth, $at, $next)];
                $from = null;
            }
        }
        if ($from !== null) {
            $intervals[] = ['from' => $from, 'to' => $day->endsAt()];
        }

        return $intervals;
    }

    /** @param  \Closure(float): float  $depth */
    private static function edge(\Closure $depth, float $out, float $in): int
    {
        $startsIn = $depth($out) > 0;
        while ($in - $out > 0.1) {
            $middle = ($out + $in) / 2;
            if (($depth($middle) > 0) === $startsIn) {
                $out = $middle;
            } else {
                $in = $middle;
            }
        }

        return (int) round($in);
    }
}
