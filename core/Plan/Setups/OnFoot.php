<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A time of work without a break, minutes of the clock. */
final readonly class OnFoot
{
    public function __construct(public int $from, public int $to) {}

    public function minutes(): int
    {
        return $this->to - $this->from;
    }
}
