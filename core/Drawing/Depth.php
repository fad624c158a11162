<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A band across a drawing. */
final readonly class Depth
{
    public function __construct(
        public float $y,
        public float $height,
    ) {}
}
