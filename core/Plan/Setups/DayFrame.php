<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** The hours of a studio day, minutes of the clock. */
final readonly class DayFrame
{
    /** @param  list<array{string, int, int}>  $breaks  name, from and to; sorted, apart from each other */
    public function __construct(public int $from, public int $to, public array $breaks = []) {}

    /** When something of so many minutes begins at the earliest: it is not cut in two by a break. */
    public function begins(int $at, int $minutes): int
    {
        foreach ($this->breaks as [, $from, $to]) {
            if ($at < $to && $at + $minutes > $from) {
                $at = $to;
            }
        }

        return $at;
    }
}
