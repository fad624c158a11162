<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

use NorthSatchel\ImpossibleValue;

/**
 * What a segment or a group really takes, from the plan's guess and what was logged. The guess is worth so many logs; likely goes to the
 * median of the logs, which one wild value does not move, low and high to their 5 % and 95 % points (linear between the values: R. J.
 * Hyndman and Y. Fan, 1996, type 7).
 */
final readonly class Learnt
{
    public const USUAL_WEIGHT = 4.0;

    private const LOW = 0.05;

    private const HIGH = 0.95;

    /**
     * @param  float  $weight  how many logs it is worth
     *
     * @throws ImpossibleValue when low, likely and high are not in order
     */
    public function __construct(public float $low, public float $likely, public float $high, public float $weight = self::USUAL_WEIGHT)
    {
        if ($low > $likely || $likely > $high || $low < 0) {
            throw ImpossibleValue::of('prior', 'must be low ≤ likely ≤ high, none below 0');
        }
        if ($weight < 0) {
            throw ImpossibleValue::of('weight', 'must be at least 0');
        }
    }

    /**
     * @param  list<int>  $minutes  that were logged, in any order, above 0
     *
     * @throws ImpossibleValue for minutes that are not above 0
     */
    public function from(array $minutes): self
    {
        $count = count($minutes);
        if ($count === 0) {
            return $this;
        }
        sort($minutes);
        if ($minutes[0] <= 0) {
            throw ImpossibleValue::of('minutes', 'must be above 0');
        }
        $both = fn (float $guess, float $share): float => ($this->weight * $guess + $count * self::point($minutes, $share)) /
            ($this->weight + $count);

        return new self(
            $both($this->low, self::LOW),
            $both($this->likely, 0.5),
            $both($this->high, self::HIGH),
            $this->weight + $count,
        );
    }

    /** @param  non-empty-list<int>  $sorted */
    private static function point(array $sorted, float $share): float
    {
        $at = $share * (count($sorted) - 1);
        $below = (int) floor($at);
        $above = min($below + 1, count($sorted) - 1);

        return $sorted[$below] + ($at - $below) * ($sorted[$above] - $sorted[$below]);
    }
}
