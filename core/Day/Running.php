<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** The segment that runs now. */
final readonly class Running
{
    /**
     * @param  float  $startedAt  seconds since midnight; of the last start, where it was started twice
     * @param  int  $minutesLeft  of its planned minutes; 0 once it runs over
     */
    public function __construct(public LiveSegment $segment, public float $startedAt, public int $minutesLeft) {}
}
