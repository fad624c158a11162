<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A lens on the ruler of reach; a prime is a short bar around its focal length. */
final readonly class ReachBar
{
    public function __construct(
        public float $x,
        public float $width,
        public string $label,
        public string $lane,
        public string $on,
        public bool $starts,
    ) {}
}
