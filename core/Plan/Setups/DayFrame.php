<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** The hours of a studio day, minutes of the clock. */
final readonly class DayFrame
{
    /** @param  list<DayBreak>  $breaks  in the order of time, apart from each other */
    public function __construct(public int $from, public int $to, public array $breaks = []) {}

    /** When something of so many minutes begins at the earliest: it is not cut in two by a break. */
    public function begins(int $at, int $minutes): int
    {
        foreach ($this->breaks as $break) {
            if ($at < $break->to && $at + $minutes > $break->from) {
                $at = $break->to;
            }
        }

        return $at;
    }
}
