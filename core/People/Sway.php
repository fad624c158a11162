<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\MotionBlur;

/**
 * How long the shutter may stay open before people who stand still smear: until a head has moved across one
 * circle of confusion on the sensor, and no longer than a hand holds the camera. How fast heads move is our own
 * estimate, no source: whoever stands quietly sways by a few centimetres a second, whoever is small, or sits with a child,
 * turns and fidgets.
 */
final readonly class Sway
{
    private const STILL_M_S = 0.1;

    private const RESTLESS_M_S = 0.3;

    private const SMALL_CM = 140;

    /** Shutter times in thirds of stops, as their denominators. */
    private const SHUTTERS = [15, 20, 25, 30, 40, 50, 60, 80, 100, 125, 160, 200, 250, 320, 400, 500, 640, 800, 1000];

    private function __construct(
        public float $speedMS,
        /** Who makes it the faster of the two speeds. */
        public ?string $restless,
        /** As its denominator: slower than this people smear. */
        public int $slowest,
        /** Whether it is the hand that sets it, not the people. */
        public bool $isByHand,
        private float $focalMm,
        private float $distanceM,
    ) {}

    /**
     * @param  list<Relative>  $people
     * @param  float  $cocMm  circle of confusion on the sensor
     *
     * @throws ImpossibleValue
     */
    public static function of(array $people, float $focalMm, float $distanceM, float $cocMm): self
    {
        $restless = null;
        foreach ($people as $person) {
            $isRestless = in_array('infant', $person->needs, true) || ($person->heightCm ?? self::SMALL_CM) < self::SMALL_CM;
            $restless ??= $isRestless ? $person->name : null;
        }
        $speed = $restless === null ? self::STILL_M_S : self::RESTLESS_M_S;
        $bySway = MotionBlur::of($speed, $distanceM, $focalMm, 1.0, 1.0)->mm / $cocMm;
        // A hand holds a focal length for about its reciprocal (common practice, no source).
        $wanted = max($bySway, $focalMm);
        foreach (self::SHUTTERS as $shutter) {
            if ($shutter >= $wanted * 0.98) {
                break;
            }
        }

        return new self($speed, $restless, $shutter, $focalMm > $bySway, $focalMm, $distanceM);
    }

    /** How far a head moves on the sensor, in hundredths of a millimetre, with that shutter. */
    public function smearHundredths(int $shutter): float
    {
        return round(100 * MotionBlur::of($this->speedMS, $this->distanceM, $this->focalMm, 1 / $shutter, 1.0)->mm, 1);
    }

    public function why(int $shutter): string
    {
        $who = $this->restless === null ? 'people who stand still sway' : "{$this->restless} fidgets";

        return "At 1/{$shutter} s {$who} by {$this->smearHundredths($shutter)} hundredths of a millimetre on the sensor (".
            round(100 * $this->speedMS).
            ' cm a second), 3 still look sharp'.
            ($this->isByHand && $shutter <= $this->slowest
                ? '; by hand '.round($this->focalMm)." mm wants 1/{$this->slowest} s anyway."
                : '.');
    }
}
