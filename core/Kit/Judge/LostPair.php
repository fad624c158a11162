<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Shelf\Gear;

/** Two things that, lost together, break needs which neither breaks alone. */
final readonly class LostPair
{
    /**
     * @param  list<Gear>  $gear
     * @param  list<Need>  $breaks
     */
    public function __construct(
        public array $gear,
        public array $breaks,
    ) {}
}
