<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** Somebody or something at a point of a drawing. */
final readonly class NamedPoint
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
    ) {}
}
