<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\SunPosition;

/** An upright thing that faces a spot: a tree, a mast, a wall. */
final readonly class ShadowCaster
{
    private function __construct(
        public float $bearingDeg,
        public float $distanceM,
        public float $heightM,
        public float $widthM,
    ) {}

    /**
     * @param  float  $bearingDeg  from the spot, clockwise from true north
     *
     * @throws ImpossibleValue
     */
    public static function of(float $bearingDeg, float $distanceM, float $heightM, float $widthM): self
    {
        if ($bearingDeg < 0 || $bearingDeg >= 360) {
            throw ImpossibleValue::of('bearing_deg', 'must be a number from 0 to below 360');
        }
        foreach (['distance_m' => $distanceM, 'height_m' => $heightM, 'width_m' => $widthM] as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }

        return new self($bearingDeg, $distanceM, $heightM, $widthM);
    }

    /** The height of its top above the horizon, seen from a point above flat ground. */
    public function topDeg(float $subjectHeightM): float
    {
        return rad2deg(atan(($this->heightM - $subjectHeightM) / $this->distanceM));
    }

    /** Half of the angle it takes up, as seen from the spot. */
    public function halfWidthDeg(): float
    {
        return rad2deg(atan($this->widthM / 2 / $this->distanceM));
    }

    /**
     * How deep a point stands in its shadow under this sun, in degrees to the nearest edge; negative outside.
     */
    public function depthDeg(SunPosition $sun, float $subjectHeightM): float
    {
        $turn = abs(Bearing::turn($this->bearingDeg, $sun->azimuthDeg));

        return min($sun->elevationDeg, $this->topDeg($subjectHeightM) - $sun->elevationDeg, $this->halfWidthDeg() - $turn);
    }
}
