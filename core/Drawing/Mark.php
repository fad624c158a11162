<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A word at a place of a ruler. */
final readonly class Mark
{
    public function __construct(
        public float $x,
        public string $label,
    ) {}
}
