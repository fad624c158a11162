<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/**
 * What a clear sky gives at a height of the sun: the direct beam through its air mass, and a tenth of it
 * from the sky.
 *
 * Air mass: F. Kasten and A. T. Young, 1989. Direct beam: A. B. and M. P. Meinel, 1976. Both from memory.
 * Below the horizon the light falls by about a stop a degree (common practice, no source).
 */
final class ClearSky
{
    private const SOLAR_W_M2 = 1353.0;

    private const LUMEN_A_WATT = 105.0;

    private const FROM_THE_SKY = 0.1;

    /** Incident-light calibration constant ÷ 100, so that EV100 = log2(lux ÷ 2.5). */
    private const LUX_AT_EV_0 = 2.5;

    private const STOPS_A_DEGREE_OF_DUSK = 1.0;

    /** Nominal thirds of a stop (ISO 517; Exif). */
    private const SHUTTERS = [
        60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000,
        6400, 8000,
    ];

    private const ISOS = [
        100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000, 1250, 1600, 2000, 2500, 3200, 4000, 5000, 6400, 8000,
        10000, 12800, 25600,
    ];

    /** Relative air mass at an unrefracted elevation from 0° to 90°. */
    public static function airMass(float $elevationDeg): float
    {
        return 1 / (sin(deg2rad($elevationDeg)) + 0.50572 * ($elevationDeg + 6.07995) ** -1.6364);
    }

    /** EV at ISO 100 of a thing that faces the sun. */
    public static function ev100(float $elevationDeg): float
    {
        $direct = self::SOLAR_W_M2 * 0.7 ** (self::airMass(max(0.0, $elevationDeg)) ** 0.678);
        $lux = $direct * (1 + self::FROM_THE_SKY) * self::LUMEN_A_WATT;
        $ev = log($lux / self::LUX_AT_EV_0, 2);

        return $elevationDeg >= 0 ? $ev : $ev + self::STOPS_A_DEGREE_OF_DUSK * $elevationDeg;
    }

    /** EV at ISO 100 in open shade: three stops below the sun, and no more than the guide's 12. */
    public static function shadeEv100(float $elevationDeg): float
    {
        return min(Scene::OpenShade->ev100(), self::ev100($elevationDeg) - 3);
    }

    /**
     * A place to start: the lowest ISO, and only then a higher one, at a shutter that stops people.
     *
     * @return Settings shutter as its denominator
     */
    public static function startingExposure(float $ev100, float $fNumber = 2.8, int $slowest = 250): Settings
    {
        $wanted = 2 ** $ev100 / $fNumber ** 2;
        if ($wanted >= $slowest) {
            return new Settings(fNumber: $fNumber, shutter: self::nearest(self::SHUTTERS, $wanted), iso: 100);
        }

        return new Settings(fNumber: $fNumber, shutter: $slowest, iso: self::nearest(self::ISOS, (100 * $slowest) / $wanted));
    }

    /** @param  non-empty-list<int>  $nominal */
    private static function nearest(array $nominal, float $wanted): int
    {
        $best = $nominal[0];
        foreach ($nominal as $value) {
            if (abs(log($value / $wanted)) < abs(log($best / $wanted))) {
                $best = $value;
            }
        }

        return $best;
    }
}
