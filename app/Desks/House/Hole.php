<?php

declare(strict_types=1);

namespace App\Desks\House;

/** What a hole of the strap shows; its two halves: ready before the day, and safe after it where that is told apart. */
final readonly class Hole
{
    public function __construct(
        public string $phase,
        public ?int $open,
        public bool $isReady,
        public bool $isSafe,
        public bool $isThere,
        public int $left,
    ) {}
}
