<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;

/**
 * The stop that a flash gives at a distance: guide number = f-number × distance at ISO 100 (ISO 1230); half the
 * power divides it by √2, four times the ISO doubles it.
 */
final readonly class Flash
{
    /**
     * High-speed sync spreads the light over the shutter's travel: two stops, and more the shorter the shutter (common practice, no
     * source).
     */
    public const HIGH_SPEED_LOSS_STOPS = 2.0;

    private function __construct(
        public float $fNumber,
        public bool $isHighSpeedSync,
        public float $guideNumberM,
        public float $lostStops,
    ) {}

    /**
     * @param  float  $guideNumberM  metres, at ISO 100 and full power
     * @param  float  $powerShare  of full power
     * @param  float  $syncS  the shortest shutter time that synchronises
     *
     * @throws ImpossibleValue
     */
    public static function of(
        float $guideNumberM,
        float $iso,
        float $powerShare,
        float $distanceM,
        float $shutterS,
        float $syncS,
        float $modifierStops = 0.0,
        float $highSpeedLossStops = self::HIGH_SPEED_LOSS_STOPS,
    ): self {
        foreach (
            [
                'guide_number_m' => $guideNumberM,
                'iso' => $iso,
                'power' => $powerShare,
                'distance_m' => $distanceM,
                'shutter_s' => $shutterS,
                'sync_s' => $syncS,
            ] as $field => $value
        ) {
            if ($value <= 0 || ! is_finite($value)) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        // A shutter written as 1/250 in two ways is the same shutter.
        $isHighSpeed = $shutterS < $syncS * (1 - 1e-9);
        $lost = $modifierStops + ($isHighSpeed ? $highSpeedLossStops + log($syncS / $shutterS, 2) : 0.0);
        $guide = ($guideNumberM * sqrt($iso / 100) * sqrt($powerShare)) / 2 ** ($lost / 2);

        return new self($guide / $distanceM, $isHighSpeed, $guide, $lost);
    }
}
