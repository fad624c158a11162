<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

/** A segment as the passes see it; all times in minutes since midnight. */
final readonly class Part
{
    /** @param  list<string>  $after ids that must have ended before */
    public function __construct(
        public string $id,
        public int $minutes,
        public string $lane = 'lead',
        public ?string $place = null,
        public ?int $fixedStart = null,
        public ?int $earliest = null,
        public ?int $latestEnd = null,
        public array $after = [],
    ) {}
}
