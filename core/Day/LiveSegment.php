<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\Replan\Rest;

/** A segment of the lane that is lived through: when it was to start, and what it may become where the day runs late. */
final readonly class LiveSegment
{
    /** @param  int  $plannedStart  minutes since midnight */
    public function __construct(public int $plannedStart, public Rest $rest) {}

    public function plannedEnd(): int
    {
        return $this->plannedStart + $this->rest->minutes;
    }
}
