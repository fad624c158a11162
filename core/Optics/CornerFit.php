<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** What of a rectangular room a lens takes in from its corner, and from the middle of its short wall. */
final readonly class CornerFit
{
    private function __construct(
        public float $seesDeg,
        public float $fromCornerDeg,
        public float $farWallDeg,
        public float $focalForCornerMm,
        public float $focalForWallMm,
    ) {}

    /**
     * From a corner the whole room lies within a right angle; from the middle of a short wall the far wall spans
     * 2·atan(width ÷ 2 ÷ length). The focal length for an angle is sensor ÷ 2 ÷ tan(angle ÷ 2).
     *
     * @param  float  $backM  that the camera stands out of the corner or off the wall
     *
     * @throws ImpossibleValue
     */
    public static function of(float $focalMm, float $sensorWidthMm, float $widthM, float $lengthM, float $backM = 0.3): self
    {
        foreach (
            ['focal_mm' => $focalMm, 'sensor_width_mm' => $sensorWidthMm, 'width_m' => $widthM, 'length_m' => $lengthM] as $field => $value
        ) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        [$short, $long] = [min($widthM, $lengthM), max($widthM, $lengthM)];
        if ($backM >= $short) {
            throw ImpossibleValue::of('back_m', 'must leave the camera in the room');
        }
        // Off the corner by so much on both walls, the two far corners beside the camera are seen behind a right angle.
        $corner = rad2deg(atan2($long - $backM, -$backM)) - rad2deg(atan2(-$backM, $short - $backM));
        $wall = 2 * rad2deg(atan($short / 2 / ($long - $backM)));
        $focalFor = static fn (float $angle): float => $sensorWidthMm / 2 / tan(deg2rad($angle / 2));

        return new self(2 * rad2deg(atan($sensorWidthMm / 2 / $focalMm)), $corner, $wall, $focalFor($corner), $focalFor($wall));
    }

    public function missingDeg(): float
    {
        return max(0.0, $this->fromCornerDeg - $this->seesDeg);
    }
}
