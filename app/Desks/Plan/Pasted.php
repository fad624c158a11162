<?php

declare(strict_types=1);

namespace App\Desks\Plan;

/** How many pasted lines found their segment, and how many did not. */
final readonly class Pasted
{
    public function __construct(
        public int $placed,
        public int $free,
    ) {}
}
