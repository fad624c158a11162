<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A person from the front; y is the top of the head. */
final readonly class Front
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $bodyHeight,
        public string $label,
        public float $labelY,
    ) {}
}
