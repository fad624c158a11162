<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A stretch of a day's drawing under one sky: night, nautical, civil, golden or day. */
final readonly class SkyBand
{
    public function __construct(
        public float $x,
        public float $width,
        public string $sky,
    ) {}
}
