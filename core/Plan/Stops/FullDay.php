<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

/** A day that may take jobs: when one may set out, and what is planned. */
final readonly class FullDay
{
    /**
     * @param  list<Stop>  $stops
     */
    public function __construct(
        public int $now,
        public array $stops,
    ) {}
}
