<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Drawing\Span;

/** A job's line in the drawing of several: when it may start, where it is planned, where the best order puts it. */
final readonly class StopRow
{
    public function __construct(
        public string $name,
        public ?Span $window,
        public PlannedSlip $planned,
        public ?PlannedSlip $best,
    ) {}
}
