<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\Time\ClockTime;

/** A task and when it is done. */
final readonly class DoneTask
{
    public function __construct(public Task $task, public ClockTime $from, public ClockTime $to) {}
}
