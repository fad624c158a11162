<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;

/** When the sun is on a front: within 75° of the way it faces, and 4° high, where a row of houses or trees lets it through. */
final class FrontSun
{
    private const STEP_S = 300;

    private const WITHIN_DEG = 75.0;

    private const LEAST_DEG = 4.0;

    /**
     * The longest time of the day in which it is.
     *
     * @param  int  $dayFrom  Unix seconds of the day's first minute
     * @param  int  $dayTo  and of its last
     * @return SunTime|null to five minutes; null where it is not at all
     */
    public static function of(GeoPoint $place, float $facesDeg, int $dayFrom, int $dayTo): ?SunTime
    {
        $best = null;
        $from = null;
        for ($at = $dayFrom; $at <= $dayTo + self::STEP_S; $at += self::STEP_S) {
            $sun = Sun::at($place, (float) $at);
            $isOn = $at <= $dayTo && $sun->apparentElevationDeg() >= self::LEAST_DEG
                && abs(Bearing::turn($facesDeg, $sun->azimuthDeg)) <= self::WITHIN_DEG;
            if ($isOn) {
                $from ??= $at;
            } elseif ($from !== null) {
                $to = $at - self::STEP_S;
                $now = new SunTime(intdiv($from - $dayFrom, 60), intdiv($to - $dayFrom, 60));
                $best = $best === null || $now->to - $now->from > $best->to - $best->from ? $now : $best;
                $from = null;
            }
        }

        return $best;
    }
}
