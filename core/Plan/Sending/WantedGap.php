<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\Time\ClockTime;

/** A stretch in which there is time to send. */
final readonly class WantedGap
{
    public function __construct(public string $name, public ClockTime $from, public ClockTime $to) {}
}
