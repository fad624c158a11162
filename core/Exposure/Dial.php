<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** What stands on the dials of a camera, in thirds of a stop, as makers round them (ISO 2720:1974 and common practice; from memory). */
final class Dial
{
    private const STOPS = [
        1.0, 1.1, 1.2, 1.4, 1.6, 1.8, 2.0, 2.2, 2.5, 2.8, 3.2, 3.5, 4.0, 4.5, 5.0, 5.6, 6.3, 7.1, 8.0, 9.0, 10.0, 11.0, 13.0, 14.0, 16.0,
        18.0, 20.0, 22.0, 25.0, 29.0, 32.0,
    ];

    /** As the denominator of a second. */
    private const SHUTTERS = [
        2, 2.5, 3, 4, 5, 6, 8, 10, 13, 15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600,
        2000, 2500, 3200, 4000, 5000, 6400, 8000,
    ];

    private const ISOS = [
        25, 32, 40, 50, 64, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400,
        8000, 10000, 12800, 16000, 20000, 25600, 32000, 40000, 51200,
    ];

    /** @return float the f-number on the dial that is nearest, f/1 to f/32; beyond them what was asked, to a tenth */
    public static function stop(float $fNumber): float
    {
        return self::nearest(self::STOPS, $fNumber);
    }

    /** @return float seconds, as the dial has them from 1/8000 s to half a second; beyond them as they are */
    public static function shutter(float $seconds): float
    {
        return $seconds > 0.5 ? $seconds : 1 / self::nearest(self::SHUTTERS, 1 / $seconds);
    }

    public static function iso(float $iso): float
    {
        return self::nearest(self::ISOS, $iso);
    }

    /** @param  non-empty-list<float|int>  $series */
    private static function nearest(array $series, float $value): float
    {
        if ($value < $series[0] / M_SQRT2 || $value > $series[count($series) - 1] * M_SQRT2) {
            return round($value, 1);
        }
        usort($series, static fn (float|int $a, float|int $b): int => abs(log($a / $value)) <=> abs(log($b / $value)));

        return (float) $series[0];
    }
}
