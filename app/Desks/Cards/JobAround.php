<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use NorthSatchel\Cards\Owner\JobHours;

/** A job, for the question whose frames are on a card. */
final readonly class JobAround
{
    /**
     * @param  int  $from  unix seconds of the covered hours, of all days
     * @param  list<int>  $bodies
     * @param  array<int, int>  $ahead  by body, the seconds by which its clock is ahead
     */
    public function __construct(
        public int $id,
        public int $from,
        public int $to,
        public array $bodies,
        public array $ahead,
    ) {}

    /** Its hours as the clock of a body showed them. */
    public function hoursBy(?int $body): JobHours
    {
        $ahead = $this->ahead[$body ?? 0] ?? 0;

        return new JobHours($this->id, $this->from + $ahead, $this->to + $ahead, $this->bodies);
    }
}
