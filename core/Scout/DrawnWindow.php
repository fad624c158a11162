<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** A window of an indoor spot, as a line across its bearing. */
final readonly class DrawnWindow
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public string $line,
        public bool $isSunny,
    ) {}
}
