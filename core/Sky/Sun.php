<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/**
 * The sun's place in the sky.
 *
 * Series and constants: J. Meeus, Astronomical Algorithms, 2nd ed., chapters 12, 13, 22, 25 and 40
 * (low accuracy, about 0.01°), from memory; ΔT after F. Espenak and J. Meeus (NASA), from memory.
 */
final class Sun
{
    private const J2000_UNIX = 946728000;

    /** @param  float  $unix seconds since 1970-01-01 UTC */
    public static function at(GeoPoint $place, float $unix): SunPosition
    {
        $daysUt = ($unix - self::J2000_UNIX) / 86400;
        [$rightAscension, $declination] = self::equatorial($daysUt + self::deltaT($unix) / 86400);

        $t = $daysUt / 36525;
        $sidereal = 280.46061837 + 360.98564736629 * $daysUt + 0.000387933 * $t * $t
            - 0.0048 * sin(deg2rad(125.04 - 1934.136 * $t)) * cos(deg2rad(23.4393));
        $hourAngle = deg2rad($sidereal + $place->longitudeDeg) - $rightAscension;
        $latitude = deg2rad($place->latitudeDeg);

        $sinElevation = sin($latitude) * sin($declination) + cos($latitude) * cos($declination) * cos($hourAngle);
        $elevation = asin(max(-1.0, min(1.0, $sinElevation)));
        $azimuth = atan2(
            -cos($declination) * sin($hourAngle),
            sin($declination) * cos($latitude) - cos($declination) * sin($latitude) * cos($hourAngle),
        );
        $parallaxDeg = 8.794 / 3600 * cos($elevation);

        return new SunPosition(rad2deg($elevation) - $parallaxDeg, self::turn(rad2deg($azimuth)));
    }

    /**
     * Apparent geocentric place of the sun.
     *
     * @param  float  $days  days of terrestrial time since J2000.0
     * @return array{float, float, float, float} right ascension and declination in radians,
     *                                           true and apparent longitude in degrees
     */
    public static function equatorial(float $days): array
    {
        $t = $days / 36525;
        $meanLongitude = 280.46646 + 36000.76983 * $t + 0.0003032 * $t * $t;
        $anomaly = deg2rad(357.52911 + 35999.05029 * $t - 0.0001537 * $t * $t);
        $centre = (1.914602 - 0.004817 * $t - 0.000014 * $t * $t) * sin($anomaly)
            + (0.019993 - 0.000101 * $t) * sin(2 * $anomaly)
            + 0.000289 * sin(3 * $anomaly);
        $node = deg2rad(125.04 - 1934.136 * $t);
        $trueLongitude = $meanLongitude + $centre;
        $apparentLongitude = $trueLongitude - 0.00569 - 0.00478 * sin($node);
        $obliquity = deg2rad(23.439291 - 0.0130042 * $t + 0.00256 * cos($node));
        $lambda = deg2rad($apparentLongitude);

        return [
            atan2(cos($obliquity) * sin($lambda), cos($lambda)),
            asin(sin($obliquity) * sin($lambda)),
            self::turn($trueLongitude),
            self::turn($apparentLongitude),
        ];
    }

    /** Terrestrial minus universal time, seconds. */
    private static function deltaT(float $unix): float
    {
        $year = 1970 + $unix / 31556952;
        $t = $year - 2000;

        return match (true) {
            $year < 1986 => 45.45 + 1.067 * ($year - 1975),
            $year < 2005 => 63.86 + 0.3345 * $t - 0.060374 * $t ** 2 + 0.0017275 * $t ** 3,
            $year < 2050 => 62.92 + 0.32217 * $t + 0.005589 * $t ** 2,
            default => -20 + 32 * (($year - 1820) / 100) ** 2 - 0.5628 * (2150 - $year),
        };
    }

    private static function turn(float $deg): float
    {
        $turned = fmod($deg, 360);

        return $turned < 0 ? $turned + 360 : $turned;
    }
}
