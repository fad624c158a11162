<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/**
 * What a lens sees: 2·atan(side ÷ 2 ÷ focal) across and up, and how much that is at a distance (geometry of a thin lens far from its
 * subject).
 */
final readonly class FieldOfView
{
    private function __construct(public float $horizontalDeg, public float $verticalDeg, public float $widthM, public float $heightM) {}

    /** @throws ImpossibleValue */
    public static function of(float $focalMm, float $sensorWidthMm, float $sensorHeightMm, float $distanceM): self
    {
        $given = [
            'focal_mm' => $focalMm,
            'sensor_width_mm' => $sensorWidthMm,
            'sensor_height_mm' => $sensorHeightMm,
            'distance_m' => $distanceM,
        ];
        foreach ($given as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }

        return new self(
            2 * rad2deg(atan($sensorWidthMm / 2 / $focalMm)),
            2 * rad2deg(atan($sensorHeightMm / 2 / $focalMm)),
            ($distanceM * $sensorWidthMm) / $focalMm,
            ($distanceM * $sensorHeightMm) / $focalMm,
        );
    }
}
