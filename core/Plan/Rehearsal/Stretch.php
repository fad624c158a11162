<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Rehearsal;

use NorthSatchel\ImpossibleValue;

/** A segment whose length is not certain: shortest, likely, longest, in minutes. */
final readonly class Stretch
{
    /** @throws ImpossibleValue unless low ≤ likely ≤ high */
    public function __construct(
        public string $id,
        public float $low,
        public float $likely,
        public float $high,
        public ?int $fixedStart = null,
    ) {
        if ($low < 0) {
            throw ImpossibleValue::of('minutes_low', 'must be at least 0');
        }
        if ($likely < $low) {
            throw ImpossibleValue::of('minutes_likely', 'must be at least minutes_low');
        }
        if ($high < $likely) {
            throw ImpossibleValue::of('minutes_high', 'must be at least minutes_likely');
        }
    }
}
