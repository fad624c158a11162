<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** A point of the skyline, in degrees. */
final readonly class SkylinePoint
{
    public function __construct(
        public float $bearing,
        public float $angle,
    ) {}
}
