<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A head from above, and where its name stands. */
final readonly class Head
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public string $label,
        public float $labelY,
    ) {}
}
