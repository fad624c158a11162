<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

/** Jobs that were rained off put into other days: the rounds that change, the day of each, and which fit nowhere. */
final readonly class Restacked
{
    /**
     * @param  array<string, Round>  $rounds
     * @param  array<int, string>  $days
     * @param  list<int>  $left
     */
    public function __construct(
        public array $rounds,
        public array $days,
        public array $left,
    ) {}
}
