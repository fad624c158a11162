<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

use NorthSatchel\ImpossibleValue;

/** A spot on the Earth, degrees, north and east positive. */
final readonly class GeoPoint
{
    private const EARTH_RADIUS_KM = 6371.0;

    private const METRES_A_DEGREE = 111_194.93;

    private function __construct(public float $latitudeDeg, public float $longitudeDeg) {}

    /** @throws ImpossibleValue outside ±90° and ±180° */
    public static function of(float $latitudeDeg, float $longitudeDeg): self
    {
        if (! is_finite($latitudeDeg) || abs($latitudeDeg) > 90) {
            throw ImpossibleValue::of('latitude_deg', 'must be a number from -90 to 90');
        }
        if (! is_finite($longitudeDeg) || abs($longitudeDeg) > 180) {
            throw ImpossibleValue::of('longitude_deg', 'must be a number from -180 to 180');
        }

        return new self($latitudeDeg, $longitudeDeg);
    }

    /** The point so many metres to the east and north, near enough on a sphere of 6371 km for a site. */
    public function moved(float $eastM, float $northM): self
    {
        $latitude = max(-90.0, min(90.0, $this->latitudeDeg + $northM / self::METRES_A_DEGREE));
        $longitude = $this->longitudeDeg + $eastM / (self::METRES_A_DEGREE * max(1e-6, cos(deg2rad($this->latitudeDeg))));

        return new self($latitude, $longitude - 360 * floor(($longitude + 180) / 360));
    }

    /** Great-circle distance by the haversine formula, kilometres. */
    public function kmTo(self $to): float
    {
        $latitude = deg2rad($to->latitudeDeg - $this->latitudeDeg);
        $longitude = deg2rad($to->longitudeDeg - $this->longitudeDeg);
        $half = sin($latitude / 2) ** 2
            + cos(deg2rad($this->latitudeDeg)) * cos(deg2rad($to->latitudeDeg)) * sin($longitude / 2) ** 2;

        return 2 * self::EARTH_RADIUS_KM * asin(min(1.0, sqrt($half)));
    }
}
