<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** The sun's way of a day as SVG: in the sun, and where a thing or the land keeps it away. */
final readonly class SunPath
{
    public function __construct(
        public string $lit,
        public string $hidden,
    ) {}
}
