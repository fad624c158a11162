<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Kit\Shelf\Gear;

/** A body, who carries it, and the save mode that it is to have. */
final readonly class CarriedBody
{
    public function __construct(
        public Gear $gear,
        public string $lane,
        public string $mode,
    ) {}
}
