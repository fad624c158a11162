<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A zone in the drawing of a period. */
final readonly class CoverZone
{
    public function __construct(public string $name, public float $x, public float $y, public int $worth, public bool $isCovered) {}
}
