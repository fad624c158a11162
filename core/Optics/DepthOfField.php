<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/**
 * What is sharp enough before and behind the focused distance.
 *
 * H = f²/(N·c) + f, near = s(H−f)/(H+s−2f), far = s(H−f)/(H−s): textbook optics, S. F. Ray, Applied
 * Photographic Optics (from memory).
 */
final readonly class DepthOfField
{
    private function __construct(
        public float $nearM,
        /** Null from the hyperfocal distance on: without end. */
        public ?float $farM,
        public float $hyperfocalM,
    ) {}

    /**
     * @param  float  $cocMm  circle of confusion on the sensor
     *
     * @throws ImpossibleValue
     */
    public static function of(float $focalMm, float $fNumber, float $distanceM, float $cocMm): self
    {
        foreach (['focal_mm' => $focalMm, 'f_number' => $fNumber, 'coc_mm' => $cocMm] as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $focalM = $focalMm / 1000;
        if ($distanceM <= $focalM) {
            throw ImpossibleValue::of('distance_m', 'must lie beyond the focal length');
        }
        $hyperfocal = $focalMm ** 2 / ($fNumber * $cocMm) / 1000 + $focalM;
        $near = $distanceM * ($hyperfocal - $focalM) / ($hyperfocal + $distanceM - 2 * $focalM);
        $far = $distanceM < $hyperfocal ? $distanceM * ($hyperfocal - $focalM) / ($hyperfocal - $distanceM) : null;

        return new self($near, $far, $hyperfocal);
    }

    public function totalM(): ?float
    {
        return $this->farM === null ? null : $this->farM - $this->nearM;
    }

    public function holds(float $distanceM): bool
    {
        return $distanceM >= $this->nearM && ($this->farM === null || $distanceM <= $this->farM);
    }
}
