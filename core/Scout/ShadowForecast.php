<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\LocalDay;

/** When a point stands in the shadow of a thing on one local day. */
final class ShadowForecast
{
    /** @return list<LightHours> Unix seconds */
    public static function of(GeoPoint $place, LocalDay $day, float $subjectHeightM, ShadowCaster $thing): array
    {
        return Stretches::where(
            static fn (float $at): float => $thing->depthDeg(Sun::at($place, $at), $subjectHeightM),
            $day->startsAt(),
            $day->endsAt(),
        );
    }
}
