<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\ImpossibleValue;

/** A spot on the Earth, degrees, north and east positive. */
final readonly class GeoPoint
{
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
}
