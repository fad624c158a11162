<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A zone that somebody covers in a period, and with how long a lens. */
final readonly class CoveredZone
{
    public function __construct(
        public string $period,
        public string $zone,
        public string $photographer,
        public string $post,
        public float $focalMm,
    ) {}
}
