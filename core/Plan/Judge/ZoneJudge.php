<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** Does the time zone fit the coordinates? An hour of the clock is 15 degrees of longitude. */
final class ZoneJudge
{
    private const DEGREES_AN_HOUR = 15.0;

    /** Summer time and wide zones make up to this; more is asked about. */
    private const MOST_HOURS = 2.0;

    /** @return list<Verdict> */
    public static function of(string $place, ?GeoPoint $point, LocalDay $day): array
    {
        if ($point === null) {
            return [];
        }
        $offset = $day->timezone->getOffset(new \DateTimeImmutable('@'.($day->startsAt() + 43200))) / 3600;
        $apart = abs($offset - $point->longitudeDeg / self::DEGREES_AN_HOUR);
        $apart = min($apart, 24 - $apart);
        if ($apart <= self::MOST_HOURS) {
            return [];
        }
        $noon = $day->face(SunDay::of($point, $day)->solarNoon);
        $hours = round($apart, 1);

        return [
            Verdict::fix(
                'brief.zone',
                "Is {$place} really in {$day->timezone->getName()}?",
                "By its longitude the clock would be {$hours} h off: noon of the sun comes at {$noon}. If coordinates or zone are ".
                    'mistyped, every light time is wrong by that; a few wide zones are truly so.',
                ['hours_apart' => $hours],
            ),
        ];
    }
}
