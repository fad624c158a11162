<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A focal length that a shot wants, and whether a lens covers it. */
final readonly class ReachTick
{
    public function __construct(
        public float $x,
        public string $label,
        public bool $isCovered,
    ) {}
}
