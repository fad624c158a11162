<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** Following something that crosses the view: how fast one turns, how much the ground streaks, and how many tries it takes. */
final readonly class Panning
{
    /** A steady hand follows within a twentieth, as often too fast as too slow (common practice, no source). */
    private const USUAL_ERROR = 0.05;

    /** A blur of two pixels passes as sharp (common practice, no source). */
    private const SHARP_PX = 2.0;

    private const WANTED_CHANCE = 0.9;

    private function __construct(
        public float $degreesPerSecond,
        public float $groundBlurPx,
        public float $sharpShare,
        public ?int $tries,
    ) {}

    /**
     * The chance that a try is sharp: the error of following is normal, and its blur must stay within two pixels.
     *
     * @throws ImpossibleValue
     */
    public static function of(
        float $speedMS,
        float $distanceM,
        float $focalMm,
        float $shutterS,
        float $pixelUm,
        float $usualError = self::USUAL_ERROR,
    ): self {
        $whole = MotionBlur::of($speedMS, $distanceM, $focalMm, $shutterS, $pixelUm)->pixels;
        $allowed = $whole <= 0 ? INF : self::SHARP_PX / $whole / $usualError;
        $share = is_infinite($allowed) ? 1.0 : self::within($allowed);
        $tries = $share <= 0.0005 ? null : ($share >= self::WANTED_CHANCE ? 1 : (int) ceil(log(1 - self::WANTED_CHANCE) / log(1 - $share)));

        return new self(rad2deg($speedMS / $distanceM), $whole, $share, $tries);
    }

    /** The share of a normal distribution within so many standard deviations (Abramowitz and Stegun, 1964, 7.1.26; from memory). */
    private static function within(float $deviations): float
    {
        $x = $deviations / M_SQRT2;
        $t = 1 / (1 + 0.3275911 * $x);
        $sum = $t * (0.254829592 + $t * (-0.284496736 + $t * (1.421413741 + $t * (-1.453152027 + $t * 1.061405429))));

        return 1 - $sum * exp(-$x * $x);
    }

    /** The longest shutter that freezes it within two pixels, not followed; seconds. */
    public static function freezing(float $speedMS, float $distanceM, float $focalMm, float $pixelUm): float
    {
        return (((self::SHARP_PX * $pixelUm) / 1000) * $distanceM) / ($focalMm * max(1e-9, $speedMS));
    }
}
