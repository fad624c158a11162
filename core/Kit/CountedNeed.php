<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A capability that is needed so many times. */
final readonly class CountedNeed
{
    public function __construct(
        public string $capability,
        public int $count,
    ) {}
}
