<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\ShadowForecast;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Sky\LightWindow;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunDay;

/** Light at a place and time. */
final class LightTopics
{
    /** @return array<string, float|null> */
    public static function sun(\stdClass $input): array
    {
        $in = new Fields($input, ['latitude_deg', 'longitude_deg', 'at']);
        $sun = Sun::at($in->place(), $in->instant('at'));

        return [
            'elevation_deg' => $sun->elevationDeg,
            'apparent_elevation_deg' => $sun->apparentElevationDeg(),
            'azimuth_deg' => $sun->azimuthDeg,
            'shadow_ratio' => $sun->shadowRatio(),
        ];
    }

    /** @return array<string, string|array{from: ?string, to: ?string}|null> */
    public static function sunDay(\stdClass $input): array
    {
        $in = new Fields($input, ['latitude_deg', 'longitude_deg', 'date', 'timezone']);
        $day = $in->day();
        $sun = SunDay::of($in->place(), $day);
        $iso = static fn (?int $at): ?string => $at === null ? null : $day->iso($at);
        $window = static fn (?LightWindow $w): ?array => $w === null ? null : ['from' => $iso($w->from), 'to' => $iso($w->to)];

        return [
            'sunrise' => $iso($sun->sunrise()),
            'sunset' => $iso($sun->sunset()),
            'solar_noon' => $iso($sun->solarNoon),
            'civil_dawn' => $iso($sun->morning(-6)),
            'civil_dusk' => $iso($sun->evening(-6)),
            'nautical_dawn' => $iso($sun->morning(-12)),
            'nautical_dusk' => $iso($sun->evening(-12)),
            'astronomical_dawn' => $iso($sun->morning(-18)),
            'astronomical_dusk' => $iso($sun->evening(-18)),
            'golden_morning' => $window($sun->goldenMorning()),
            'golden_evening' => $window($sun->goldenEvening()),
            'blue_morning' => $window($sun->blueMorning()),
            'blue_evening' => $window($sun->blueEvening()),
        ];
    }

    /** @return array{intervals: list<array{from: string, to: string}>} */
    public static function shadow(\stdClass $input): array
    {
        $in = new Fields($input, ['latitude_deg', 'longitude_deg', 'date', 'timezone', 'subject_height_m', 'object']);
        $thing = $in->object('object', ['bearing_deg', 'distance_m', 'height_m', 'width_m']);
        $day = $in->day();
        $caster = ShadowCaster::of(
            bearingDeg: $thing->number('bearing_deg', min: 0, below: 360),
            distanceM: $thing->number('distance_m', above: 0),
            heightM: $thing->number('height_m', above: 0),
            widthM: $thing->number('width_m', above: 0),
        );
        $intervals = ShadowForecast::of($in->place(), $day, $in->number('subject_height_m', min: 0), $caster);

        return ['intervals' => array_map(
            static fn (LightHours $i): array => ['from' => $day->iso($i->from), 'to' => $day->iso($i->to)],
            $intervals,
        )];
    }
}
