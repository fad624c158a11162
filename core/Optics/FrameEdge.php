<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/**
 * Where a light stands that is just out of the picture. Seen from above, the side of the frame is a straight line that leaves the camera;
 * half the light and a hand's breadth farther out runs the line on which the middle of the light may stand.
 */
final readonly class FrameEdge
{
    /** A hand's breadth for the softbox that leans in. */
    private const MARGIN_M = 0.15;

    /**
     * @param  float  $halfWidthM  of the frame, where the light stands
     * @param  float  $asideM  of the light, from the axis
     * @param  float  $alongM  from the camera to the light, along the axis
     * @param  float  $leastM  as near to the people as a light can stand and be out of the picture
     * @param  bool  $isOutside  whether it is as near as was asked
     */
    private function __construct(
        public float $halfWidthM,
        public float $asideM,
        public float $alongM,
        public float $leastM,
        public bool $isOutside,
    ) {}

    /**
     * On that line, so far from people on the axis: of the two places the one in front of them. Where the line never comes so
     * near, the nearest place on it, and the light does not stand outside.
     *
     * @param  float  $sensorWidthMm  the side that lies across
     * @param  float  $peopleM  from the camera
     * @param  float  $lightM  from the people
     * @param  float  $lightWidthM  of what stands on the stand
     *
     * @throws ImpossibleValue
     */
    public static function beside(float $focalMm, float $sensorWidthMm, float $peopleM, float $lightM, float $lightWidthM = 0.0): self
    {
        foreach (
            ['focal_mm' => $focalMm, 'sensor_width_mm' => $sensorWidthMm, 'people_m' => $peopleM, 'light_m' => $lightM] as $field => $value
        ) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $slope = $sensorWidthMm / $focalMm / 2;
        $out = $lightWidthM / 2 + self::MARGIN_M;
        $least = ($slope * $peopleM + $out) / sqrt(1 + $slope ** 2);
        $along = ($peopleM - $slope * $out) / (1 + $slope ** 2) - sqrt(max(0.0, $lightM ** 2 - $least ** 2) / (1 + $slope ** 2));
        if ($along >= 0) {
            return new self($slope * $along, $slope * $along + $out, $along, $least, $lightM >= $least - 1e-9);
        }
        // Beside the camera there is no frame yet: as far aside as the distance says.
        $least = min($least, hypot($peopleM, $out));

        return new self(0.0, max($out, sqrt(max(0.0, $lightM ** 2 - $peopleM ** 2))), 0.0, $least, $lightM >= $least - 1e-9);
    }
}
