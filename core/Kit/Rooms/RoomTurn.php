<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Time\ClockTime;

/** A room and when it is taken, minutes of the clock; of a front whether the sun is on it then. */
final readonly class RoomTurn
{
    /** @param  SunTime|null  $sun  of a front; null of a room, and where the sun never is */
    public function __construct(public RoomShot $shot, public int $from, public int $to, public ?SunTime $sun = null) {}

    public function isInSun(): bool
    {
        return $this->sun?->holds($this->from, $this->to) ?? false;
    }

    public function hours(): string
    {
        return ClockTime::face($this->from).'–'.ClockTime::face($this->to);
    }

    public function sunSays(): string
    {
        return $this->sun?->says() ?? 'no sun on it that day';
    }
}
