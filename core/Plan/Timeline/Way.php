<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

/** Minutes from one place to another. */
final readonly class Way
{
    public function __construct(
        public string $from,
        public string $to,
        public int $minutes,
    ) {}
}
