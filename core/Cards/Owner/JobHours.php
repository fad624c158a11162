<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Owner;

/** When a job is covered, by the clock of one body, and which bodies it packed. */
final readonly class JobHours
{
    /**
     * @param  int  $from  unix seconds as the body's clock had them
     * @param  int  $to  likewise; not before $from
     * @param  list<int>  $bodies  on its packing list
     */
    public function __construct(public int $jobId, public int $from, public int $to, public array $bodies) {}

    /** Seconds from an instant to these hours; 0 within them. */
    public function away(int $at): int
    {
        return max(0, $this->from - $at, $at - $this->to);
    }
}
