<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

/** Two people who must not see each other before a segment; without one, not at all that day. */
final readonly class Separation
{
    public function __construct(
        public string $first,
        public string $second,
        public ?int $untilSegmentId,
    ) {}
}
