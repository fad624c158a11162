<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plural;

/**
 * A flash against the ambient light: the shutter that darkens the ambient as wished, whether it still synchronises,
 * and every way to mend it, each with the power that it asks of the flash.
 */
final readonly class FlashPlan
{
    public const LOWEST_ISO = 50;

    public float $shutterS;

    public bool $breaksSync;

    /** @var list<FlashWay> the plain way first where it synchronises; otherwise ways to mend it */
    public array $ways;

    private const UNSEEN_STOPS = 0.1;

    /**
     * @param  float  $ambientEv100  metered or forecast
     * @param  float  $under  stops by which the ambient is darkened
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public FlashGun $gun,
        public float $ambientEv100,
        public float $under,
        public float $fNumber,
        public float $iso,
        public float $syncS,
        public float $distanceM,
        public float $modifierStops = 0.0,
        public float $lowestIso = self::LOWEST_ISO,
    ) {
        foreach (['f_number' => $fNumber, 'iso' => $iso, 'sync_s' => $syncS, 'distance_m' => $distanceM] as $field => $value) {
            if ($value <= 0 || ! is_finite($value)) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $wanted = self::shutterFor($ambientEv100 + $under, $fNumber, $iso);
        // A tenth of a stop nobody sees: then it is the sync speed.
        $isNearly = $wanted < $syncS && $wanted >= $syncS * 2 ** -self::UNSEEN_STOPS;
        $this->shutterS = $isNearly ? $syncS : $wanted;
        $this->breaksSync = $this->shutterS < $syncS * (1 - 1e-9);
        $this->ways = $this->breaksSync ? $this->mended() : [$this->way('as planned', $fNumber, $this->shutterS, $iso)];
    }

    /** t = N² ÷ (2^EV × ISO ÷ 100) (Exif 2.32, APEX). */
    public static function shutterFor(float $ev100, float $fNumber, float $iso): float
    {
        return $fNumber ** 2 / ((2 ** $ev100 * $iso) / 100);
    }

    /** How many stops the shutter is too short for the sync speed; 0 where it is not. */
    public function stopsTooShort(): float
    {
        return max(0.0, log($this->syncS / $this->shutterS, 2));
    }

    /** @return list<FlashWay> */
    private function mended(): array
    {
        $ev = $this->ambientEv100 + $this->under;
        $stop = sqrt((2 ** $ev * $this->syncS * $this->iso) / 100);
        $ways = [$this->way('a smaller stop', $stop, $this->syncS, $this->iso)];
        $iso = $this->iso * $this->syncS ** -1 * $this->shutterS;
        if ($iso >= $this->lowestIso * (1 - 1e-9)) {
            $ways[] = $this->way('a lower ISO', $this->fNumber, $this->syncS, $iso);
        } elseif ($this->iso > $this->lowestIso) {
            $ways[] = $this->way(
                'the lowest ISO and a smaller stop',
                sqrt((2 ** $ev * $this->syncS * $this->lowestIso) / 100),
                $this->syncS,
                $this->lowestIso,
            );
        }
        // Grey filters come in whole stops (common practice, no source); the shutter makes up for what is too much.
        $filter = (int) max(1, ceil($this->stopsTooShort() - self::UNSEEN_STOPS));
        $ways[] = $this->way(
            'a grey filter of '.Plural::of($filter, 'one stop', "{$filter} stops"),
            $this->fNumber,
            $this->shutterS * 2 ** $filter,
            $this->iso,
            $filter,
        );
        if ($this->gun->hasHighSpeed) {
            $ways[] = $this->way('high-speed sync', $this->fNumber, $this->shutterS, $this->iso);
        }

        return $ways;
    }

    /** @param  float  $filterStops  of a grey filter, which takes from the flash too */
    private function way(string $name, float $fNumber, float $shutterS, float $iso, float $filterStops = 0.0): FlashWay
    {
        $full = Flash::of(
            $this->gun->guideNumberM,
            $iso,
            1.0,
            $this->distanceM,
            $shutterS,
            $this->syncS,
            $this->modifierStops + $filterStops,
        );
        $share = ($fNumber / $full->fNumber) ** 2;
        $power = FlashPower::atLeast($share);
        $farthest = $full->guideNumberM / $fNumber;

        return new FlashWay(
            $name,
            $fNumber,
            $shutterS,
            $iso,
            $full->isHighSpeedSync,
            $share,
            $power,
            round($farthest, 2),
            $power === null ? null : round($this->gun->recycleS * $power->share(), 2),
            $power === null ? null : (int) floor($this->gun->popsACharge / $power->share()),
        );
    }
}
