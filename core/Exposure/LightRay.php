<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** A light, and the face that it is measured to. */
final readonly class LightRay
{
    public function __construct(
        public float $x,
        public float $y,
        public float $toX,
        public float $toY,
    ) {}
}
