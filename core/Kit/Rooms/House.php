<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

/** A house with what is taken of it, and the sun on its fronts that day. */
final readonly class House
{
    /**
     * @param  list<RoomShot>  $shots
     * @param  list<SunTime|null>  $suns  of each; null of rooms, and where there is none
     * @param  int  $after  minutes from the start of the job to the first picture
     */
    public function __construct(public array $shots, public array $suns, public int $after = 0) {}

    public function fronts(): int
    {
        return count(array_filter($this->shots, static fn (RoomShot $s): bool => $s->room->facesDeg !== null));
    }

    /** How many of its fronts have the sun when the job starts at that minute of the clock, in the best order within the house. */
    public function inSun(int $start): int
    {
        $turns = HouseOrder::of($this->shots, $this->suns, $start + $this->after);

        return count(array_filter($turns, static fn (RoomTurn $t): bool => $t->isInSun()));
    }
}
