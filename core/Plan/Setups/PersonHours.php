<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Time\ClockTime;

/** From when to when somebody must be there, minutes of the clock. */
final readonly class PersonHours
{
    public function __construct(public string $name, public int $from, public int $to) {}

    public function says(): string
    {
        return ClockTime::face($this->from).' to '.ClockTime::face($this->to);
    }
}
