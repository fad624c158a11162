<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** An order of elements, and what it takes. */
final readonly class SetupOrder
{
    /**
     * @param  list<string>  $order  ids
     * @param  int  $minutes  elements and change-overs together
     * @param  int  $changes  of setup, that from the first one included
     * @param  int  $lowerBound  on the minutes
     */
    public function __construct(public array $order, public int $minutes, public int $changes, public int $lowerBound, public bool $isOptimal) {}
}
