<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** The line from a head to the lens, as far in front of it as the drawing reaches. */
final readonly class Sight
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public float $toX,
        public float $toY,
    ) {}
}
