<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Owner;

/** A stretch of a card load, by the camera's clock, that belongs to one job. */
final readonly class Share
{
    /**
     * @param  int  $from  unix seconds
     * @param  int  $to  unix seconds, itself included
     */
    public function __construct(public int $jobId, public int $from, public int $to) {}
}
