<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Models\Kit\Packing;

/** A thing of the packing list, and whether it is in. */
final readonly class ListedThing
{
    public function __construct(
        public Packing $entry,
        public bool $isPacked,
    ) {}
}
