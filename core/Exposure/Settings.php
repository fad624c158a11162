<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** Stop, shutter as the denominator of a second, and ISO. */
final readonly class Settings
{
    public function __construct(
        public float $fNumber,
        public int $shutter,
        public int $iso,
    ) {}
}
