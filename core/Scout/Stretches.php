<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Sky\LightHours;

/** The stretches of a time in which a measure of depth is above zero, their edges found by halving. */
final class Stretches
{
    private const STEP_S = 20;

    /**
     * @param  \Closure(float): float  $depth  of Unix seconds
     * @return list<LightHours> Unix seconds
     */
    public static function where(\Closure $depth, int $from, int $to, int $stepS = self::STEP_S): array
    {
        $stretches = [];
        $since = $depth($from) > 0 ? $from : null;
        for ($at = $from; $at < $to; $at += $stepS) {
            $next = min($at + $stepS, $to);
            $isIn = $depth($next) > 0;
            if ($isIn && $since === null) {
                $since = self::edge($depth, $at, $next);
            } elseif (! $isIn && $since !== null) {
                $stretches[] = new LightHours(from: $since, to: self::edge($depth, $at, $next));
                $since = null;
            }
        }
        if ($since !== null) {
            $stretches[] = new LightHours(from: $since, to: $to);
        }

        return $stretches;
    }

    /** @param  \Closure(float): float  $depth */
    private static function edge(\Closure $depth, float $before, float $after): int
    {
        $startsIn = $depth($before) > 0;
        while ($after - $before > 0.1) {
            $middle = ($before + $after) / 2;
            if (($depth($middle) > 0) === $startsIn) {
                $before = $middle;
            } else {
                $after = $middle;
            }
        }

        return (int) round($after);
    }
}
