<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

/** A shot that wants a focal length. */
final readonly class WantedFocal
{
    public function __construct(
        public string $what,
        public int $focalMm,
    ) {}
}
