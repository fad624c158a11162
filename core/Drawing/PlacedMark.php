<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A word at a point of a drawing. */
final readonly class PlacedMark
{
    public function __construct(
        public float $x,
        public float $y,
        public string $label,
    ) {}
}
