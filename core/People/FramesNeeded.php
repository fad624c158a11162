<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/**
 * How many frames of a group until one is likely without a blink: ten blinks a minute of a quarter of a second
 * each, and the rule of thumb for groups below 20 (P. Svenson and N. Barnes, CSIRO, 2006).
 */
final readonly class FramesNeeded
{
    private const BLINKS_A_SECOND = 10 / 60;

    private const BLINK_S = 0.25;

    private const RULE_BELOW = 20;

    private function __construct(
        /** Null when no number of frames is enough. */
        public ?int $frames,
        /** People ÷ 3 in good light, ÷ 2 in poor light; null from 20 people on. */
        public ?int $ruleOfThumb,
        /** That nobody blinks in one frame. */
        public float $chancePerFrame,
    ) {}

    /**
     * @param  float  $confidence  strictly between 0 and 1
     *
     * @throws ImpossibleValue
     */
    public static function of(int $people, bool $isGoodLight, float $confidence, float $shutterS): self
    {
        if ($people < 1) {
            throw ImpossibleValue::of('people', 'must be at least 1');
        }
        if ($confidence <= 0 || $confidence >= 1) {
            throw ImpossibleValue::of('confidence', 'must lie between 0 and 1');
        }
        if ($shutterS <= 0) {
            throw ImpossibleValue::of('shutter_s', 'must be above 0');
        }
        $blink = min(1.0, self::BLINKS_A_SECOND * (self::BLINK_S + $shutterS));
        $chance = (1 - $blink) ** $people;

        return new self(
            self::enough($chance, $confidence),
            $people >= self::RULE_BELOW ? null : (int) ceil($people / ($isGoodLight ? 3 : 2)),
            $chance,
        );
    }

    /** The smallest k with 1 − (1 − chance)^k ≥ confidence. */
    private static function enough(float $chance, float $confidence): ?int
    {
        if ($chance <= 0) {
            return null;
        }
        if ($chance >= 1) {
            return 1;
        }
        $estimate = log1p(-$confidence) / log1p(-$chance);
        if ($estimate > 1e9) {
            return (int) min(ceil($estimate), 9e18);
        }
        $frames = max(1, (int) floor($estimate) - 1);
        while (1 - (1 - $chance) ** $frames < $confidence) {
            $frames++;
        }

        return $frames;
    }
}
