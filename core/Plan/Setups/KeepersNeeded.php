<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;

/**
 * How many more throws until enough of them are good: what is not known of the chance is a beta distribution with Jeffreys' prior (H.
 * Jeffreys, 1946), so that the good ones of the next throws are beta-binomial.
 */
final readonly class KeepersNeeded
{
    /** Nobody throws more often. */
    public const MOST_THROWS = 10_000;

    private const EPSILON = 1e-12;

    /**
     * @param  float  $rate  the chance that a throw is good, as far as is known
     * @param  int|null  $throws  how many more; null above 10,000
     */
    private function __construct(public float $rate, public ?int $throws) {}

    /**
     * @param  int  $thrown  so far
     * @param  int  $good  of them
     * @param  int  $want  more
     * @param  float  $confidence  the chance with which they are there, strictly between 0 and 1
     *
     * @throws ImpossibleValue
     */
    public static function of(int $thrown, int $good, int $want, float $confidence): self
    {
        if ($thrown < 0 || $want < 0) {
            throw ImpossibleValue::of($thrown < 0 ? 'throws' : 'want', 'must be at least 0');
        }
        if ($good < 0 || $good > $thrown) {
            throw ImpossibleValue::of('keepers', 'must be from 0 to throws');
        }
        if ($confidence <= 0 || $confidence >= 1) {
            throw ImpossibleValue::of('confidence', 'must be above 0 and below 1');
        }
        [$a, $b] = [$good + 0.5, $thrown - $good + 0.5];
        $isEnough = static fn (int $m): bool => self::chance($m, $want, $a, $b) >= $confidence - self::EPSILON;
        if ($want === 0 || $want > self::MOST_THROWS || ! $isEnough(self::MOST_THROWS)) {
            return new self($a / ($a + $b), $want === 0 ? 0 : null);
        }
        [$few, $enough] = [$want - 1, self::MOST_THROWS];
        while ($enough - $few > 1) {
            $middle = intdiv($few + $enough, 2);
            [$few, $enough] = $isEnough($middle) ? [$few, $middle] : [$middle, $enough];
        }

        return new self($a / ($a + $b), $enough);
    }

    /** That of so many throws at least so many are good; in logarithms, for the single chances may be tiny. */
    private static function chance(int $throws, int $want, float $a, float $b): float
    {
        if ($want > $throws) {
            return 0.0;
        }
        $log = 0.0;
        for ($i = 0; $i < $throws; $i++) {
            $log += log(($b + $i) / ($a + $b + $i));
        }
        $fewer = 0.0;
        for ($k = 0; $k < $want; $k++) {
            $fewer += exp($log);
            $log += log(($throws - $k) / ($k + 1) * ($a + $k) / ($b + $throws - $k - 1));
        }

        return 1 - $fewer;
    }
}
