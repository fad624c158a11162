<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/**
 * How far to stop down before diffraction costs more than depth gains: the blur of what lies out of focus falls
 * with the stop, the Airy disc 2.44·λ·N grows with it; their squares are added (S. F. Ray, *Applied Photographic
 * Optics*, from memory).
 */
final readonly class Diffraction
{
    /** Green light, millimetres. */
    private const LAMBDA_MM = 0.00055;

    private const STOPS = [1.4, 2, 2.8, 4, 5.6, 8, 11, 16, 22, 32];

    private function __construct(
        public float $bestExact,
        public float $bestStop,
        public float $focusM,
        public float $blurUm,
        public float $airyUm,
    ) {}

    /**
     * @throws ImpossibleValue
     */
    public static function of(float $focalMm, float $nearM, float $farM): self
    {
        if ($focalMm <= 0) {
            throw ImpossibleValue::of('focal_mm', 'must be above 0');
        }
        if ($nearM * 1000 <= 2 * $focalMm || $farM < $nearM) {
            throw ImpossibleValue::of('near_m', 'must be well beyond the focal length and no more than far_m');
        }
        // Defocus at both ends, focused at 2·near·far ÷ (near + far): f² (far − near) ÷ (2 N near far).
        $defocus = ($focalMm ** 2 * ($farM - $nearM) * 1000) / (2 * $nearM * $farM * 1e6);
        $airy = 2.44 * self::LAMBDA_MM;
        $exact = sqrt($defocus / $airy);
        $best = self::STOPS[0];
        foreach (self::STOPS as $stop) {
            if (abs(log($stop / max(0.1, $exact))) < abs(log($best / max(0.1, $exact)))) {
                $best = $stop;
            }
        }

        return new self(
            $exact,
            (float) $best,
            (2 * $nearM * $farM) / ($nearM + $farM),
            1000 * sqrt(($defocus / $best) ** 2 + ($airy * $best) ** 2),
            1000 * $airy * $best,
        );
    }
}
