<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\ImpossibleValue;

/** How many charges the frames and the hours of standby take, in the cold too. */
final readonly class BatteryBudget
{
    private function __construct(public int $charges, public float $derate) {}

    /**
     * @param  float  $reserve  share of each charge left unused, 0 ≤ x < 1
     *
     * @throws ImpossibleValue
     */
    public static function of(
        int $frames,
        float $framesPerCharge,
        float $hoursStandby,
        float $standbyHoursPerCharge,
        float $temperatureC,
        float $reserve = 0.0,
    ): self {
        if ($framesPerCharge <= 0) {
            throw ImpossibleValue::of('frames_per_charge', 'must be above 0');
        }
        if ($standbyHoursPerCharge <= 0) {
            throw ImpossibleValue::of('standby_hours_per_charge', 'must be above 0');
        }
        if ($reserve < 0 || $reserve >= 1) {
            throw ImpossibleValue::of('reserve', 'must be a number from 0 to below 1');
        }
        $derate = self::derate($temperatureC);
        $full = $frames / $framesPerCharge + $hoursStandby / $standbyHoursPerCharge;

        return new self((int) ceil($full / ($derate * (1 - $reserve)) * (1 - 1e-12)), $derate);
    }

    /**
     * Share of a cell's capacity left at a temperature: linear through 20 °C 1.0, 0 °C 0.8,
     * −20 °C 0.5, constant outside (common practice, no source).
     */
    public static function derate(float $temperatureC): float
    {
        $between = max(-20.0, min(20.0, $temperatureC)) / 20;

        return 0.8 + 0.2 * max(0.0, $between) + 0.3 * min(0.0, $between);
    }
}
