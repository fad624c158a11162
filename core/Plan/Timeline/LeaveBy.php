<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

/** The latest time to leave one place for the next; null where nothing limits it. */
final readonly class LeaveBy
{
    public function __construct(
        public string $lane,
        public string $from,
        public string $to,
        public ?int $at,
        public string $before,
    ) {}
}
