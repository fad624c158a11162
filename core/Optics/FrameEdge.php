<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** How far to the side a light must stand so that it is just out of the picture. */
final readonly class FrameEdge
{
    /** A hand's breadth for the softbox that leans in. */
    private const MARGIN_M = 0.15;

    private function __construct(public float $halfWidthM, public float $asideM) {}

    /**
     * @param  float  $sensorWidthMm  the side that lies across
     * @param  float  $lightM  from the camera to the light, along the axis
     * @param  float  $lightWidthM  of what stands on the stand
     *
     * @throws ImpossibleValue
     */
    public static function of(float $focalMm, float $sensorWidthMm, float $lightM, float $lightWidthM = 0.0): self
    {
        foreach (['focal_mm' => $focalMm, 'sensor_width_mm' => $sensorWidthMm, 'light_m' => $lightM] as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $half = $lightM * $sensorWidthMm / $focalMm / 2;

        return new self($half, $half + $lightWidthM / 2 + self::MARGIN_M);
    }
}
