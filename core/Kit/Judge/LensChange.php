<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;

/** A lens taken off for another, before a shot. */
final readonly class LensChange
{
    public function __construct(
        public string $before,
        public Gear $off,
        public Gear $on,
    ) {}
}
