<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Time\ClockTime;

/** From when to when the sun is on a front, minutes of the clock. */
final readonly class SunTime
{
    public function __construct(public int $from, public int $to) {}

    public function holds(int $from, int $to): bool
    {
        return $from >= $this->from && $to <= $this->to;
    }

    public function says(): string
    {
        return 'sun on it '.ClockTime::face($this->from).' to '.ClockTime::face($this->to);
    }
}
