<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A point of a drawing or a picture. */
final readonly class Point
{
    public function __construct(
        public float $x,
        public float $y,
    ) {}
}
