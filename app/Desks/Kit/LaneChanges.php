<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Kit\Judge\LensChanges;
use NorthSatchel\Kit\Shelf\Gear;

/** The bodies of a photographer, and the fewest changes of lens on them. */
final readonly class LaneChanges
{
    /**
     * @param  list<Gear>  $bodies
     */
    public function __construct(
        public array $bodies,
        public LensChanges $changes,
    ) {}
}
