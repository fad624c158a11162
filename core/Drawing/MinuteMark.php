<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A minute at a place of a ruler. */
final readonly class MinuteMark
{
    public function __construct(
        public float $x,
        public int $minute,
    ) {}
}
