<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use App\CommandLine\Refusal;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Scout\LightWindow;
use NorthSatchel\Scout\Sun;
use NorthSatchel\Scout\SunDay;

/** The topics of `satchel compute`: from the fields of the input to the object of the answer. */
final class Topics
{
    /**
     * @return array<string, mixed>
     *
     * @throws Refusal
     * @throws ImpossibleValue
     */
    public static function answer(string $topic, \stdClass $input): array
    {
        return match ($topic) {
            'sun' => self::sun(new Fields($input, ['latitude_deg', 'longitude_deg', 'at'])),
            'sun-day' => self::sunDay(new Fields($input, ['latitude_deg', 'longitude_deg', 'date', 'timezone'])),
            'card-budget' => self::cardBudget(new Fields($input, ['frames', 'raw_mb', 'jpeg_mb', 'save_mode', 'slot_gb', 'reserve'])),
            'battery-budget' => self::batteryBudget(new Fields($input, [
                'frames', 'frames_per_charge', 'hours_standby', 'standby_hours_per_charge', 'temperature_c', 'reserve',
            ])),
            default => throw Refusal::of('topic', 'must be one of '.implode(', ', self::names())),
        };
    }

    /** @return list<string> */
    public static function names(): array
    {
        return ['sun', 'sun-day', 'card-budget', 'battery-budget'];
    }

    /** @return array<string, float|null> */
    private static function sun(Fields $in): array
    {
        $sun = Sun::at($in->place(), $in->instant('at'));

        return [
            'elevation_deg' => $sun->elevationDeg,
            'apparent_elevation_deg' => $sun->apparentElevationDeg(),
            'azimuth_deg' => $sun->azimuthDeg,
            'shadow_ratio' => $sun->shadowRatio(),
        ];
    }

    /** @return array<string, string|array{from: ?string, to: ?string}|null> */
    private static function sunDay(Fields $in): array
    {
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

    /** @return array<string, int|float|null> */
    private static function cardBudget(Fields $in): array
    {
        [$first, $second] = $in->numbers('slot_gb', length: 2, min: 0);
        $budget = CardBudget::of(
            frames: $in->whole('frames', min: 0),
            rawMb: $in->number('raw_mb', min: 0),
            jpegMb: $in->number('jpeg_mb', min: 0),
            mode: $in->oneOf('save_mode', SaveMode::class),
            slotGb: [$first, $second],
            reserve: $in->number('reserve', min: 0, below: 1, default: 0),
        );

        return ['frames_per_set' => $budget->framesPerSet, 'card_sets' => $budget->cardSets, 'gb_total' => $budget->gbTotal];
    }

    /** @return array<string, int|float> */
    private static function batteryBudget(Fields $in): array
    {
        $budget = BatteryBudget::of(
            frames: $in->whole('frames', min: 0),
            framesPerCharge: $in->number('frames_per_charge', above: 0),
            hoursStandby: $in->number('hours_standby', min: 0),
            standbyHoursPerCharge: $in->number('standby_hours_per_charge', above: 0),
            temperatureC: $in->number('temperature_c', min: -273.15, max: 1000),
            reserve: $in->number('reserve', min: 0, below: 1, default: 0),
        );

        return ['charges' => $budget->charges, 'derate' => $budget->derate];
    }
}
