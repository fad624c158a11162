<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** An order of groups, what it costs, and how near it is to the best there is. */
final readonly class CallingOrder
{
    /**
     * @param  list<string>  $order  group ids
     * @param  int|float  $waiting  weighted person-minutes
     * @param  int|float  $lowerBound  no order with as few meetings waits less
     * @param  list<array{string, string}>  $nextTo  consecutive groups in which two who must not meet follow each other
     */
    public function __construct(
        public array $order,
        public int|float $waiting,
        public int|float $lowerBound,
        public bool $isOptimal,
        public array $nextTo,
    ) {}
}
