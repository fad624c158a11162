<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;

/** Stop, shutter and ISO as one number: EV at ISO 100 (Exif 2.32, CIPA DC-008, APEX annex). */
final readonly class ExposureValue
{
    private function __construct(public float $ev100) {}

    /**
     * EV100 = log2(N² ÷ t) − log2(ISO ÷ 100).
     *
     * @throws ImpossibleValue
     */
    public static function of(float $fNumber, float $shutterS, float $iso): self
    {
        foreach (['f_number' => $fNumber, 'shutter_s' => $shutterS, 'iso' => $iso] as $field => $value) {
            if ($value <= 0 || ! is_finite($value)) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }

        return new self(log($fNumber ** 2 / $shutterS, 2) - log($iso / 100, 2));
    }

    /** Negative is darker than the scene needs. */
    public function stopsOver(float $sceneEv100): float
    {
        return $sceneEv100 - $this->ev100;
    }
}
