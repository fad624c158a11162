<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A bar of a drawing, from its left edge. */
final readonly class Span
{
    public function __construct(
        public float $x,
        public float $width,
    ) {}
}
