<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** How far a thing that crosses the view moves on the sensor while the shutter is open. */
final readonly class MotionBlur
{
    private function __construct(public float $mm, public float $pixels) {}

    /**
     * focal × speed × shutter ÷ distance (geometry of a thin lens far from its subject).
     *
     * @param  float  $trackingError  0 = followed perfectly, 1 = not at all
     *
     * @throws ImpossibleValue
     */
    public static function of(
        float $speedMS,
        float $distanceM,
        float $focalMm,
        float $shutterS,
        float $pixelUm,
        float $trackingError = 1.0,
    ): self {
        foreach (
            ['distance_m' => $distanceM, 'focal_mm' => $focalMm, 'shutter_s' => $shutterS, 'pixel_um' => $pixelUm] as $field => $value
        ) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $mm = (($focalMm * $speedMS * $shutterS) / $distanceM) * $trackingError;

        return new self($mm, ($mm * 1000) / $pixelUm);
    }
}
