<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** An order of groups in which the fewest walk in and out. */
final readonly class WalkingOrder
{
    /**
     * @param  list<int>  $order
     */
    public function __construct(
        public array $order,
        public int $walks,
        public int $lowerBound,
        public bool $isOptimal,
    ) {}
}
