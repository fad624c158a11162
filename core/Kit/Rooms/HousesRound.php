<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

/** An order of the jobs of a day in which so many fronts have the sun. */
final readonly class HousesRound
{
    /**
     * @param  array<int, int>  $starts  minutes of the clock by stop id, in the order of the day
     * @param  int  $endsAt  minutes of the clock
     */
    public function __construct(public array $starts, public int $inSun, public int $endsAt) {}
}
