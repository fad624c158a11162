<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/**
 * A shot as it was read from a pasted line; under: the heading that it stood below; light: one of SunOrder::LIGHTS;
 * height: ground, low, eye or high; side: front, behind or profile.
 */
final readonly class ReadShot
{
    public function __construct(
        public string $what,
        public string $priority,
        public int $minutes,
        public int $frames,
        public ?int $focalMm,
        public ?string $under,
        public ?string $distance = null,
        public ?string $light = null,
        public ?int $emptyPercent = null,
        public ?string $height = null,
        public ?string $side = null,
    ) {}
}
