<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A meal or another break, minutes of the clock. */
final readonly class DayBreak
{
    public function __construct(public int $from, public int $to) {}
}
