<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

/** A shot that is announced: after the cue, expect it within so many seconds. */
final readonly class CuedShot
{
    public function __construct(
        public int $shotId,
        public string $what,
        public string $cue,
        public ?int $withinS,
        public ?int $focalMm,
        public ?int $focalBeforeMm,
        public ?string $before,
        public string $lane,
    ) {}
}
