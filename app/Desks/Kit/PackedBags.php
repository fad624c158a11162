<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;

/** The bags of a job with what is in each, and what is in none. */
final readonly class PackedBags
{
    /**
     * @param  list<PackedBag>  $bags
     * @param  list<PackedItem>  $loose
     */
    public function __construct(
        public array $bags,
        public array $loose,
    ) {}
}
