<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Kit\Judge\Swap;

/** What is to be swapped, and when. */
final readonly class SwapAt
{
    public function __construct(
        public string $what,
        public Swap $swap,
    ) {}
}
