<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/** What is lost where a gap is missed. */
final readonly class MissedGap
{
    /**
     * @param  int  $pictures  that more are late; below 1 where the same number is in time, of less worth
     * @param  float  $worth  that is no longer in time
     */
    public function __construct(public string $gap, public int $pictures, public float $worth) {}

    /** As it is named behind another. */
    public function says(): string
    {
        return match (true) {
            $this->pictures < 1 => "{$this->gap} (what is worth more)",
            $this->pictures === 1 => $this->gap,
            default => "{$this->gap} ({$this->pictures})",
        };
    }
}
