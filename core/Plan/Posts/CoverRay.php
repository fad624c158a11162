<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A line of sight in a drawing. */
final readonly class CoverRay
{
    public function __construct(public float $x1, public float $y1, public float $x2, public float $y2, public string $photographer) {}
}
