<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\ImpossibleValue;

/** A group to be called: who is in it and how long it takes. */
final readonly class Group
{
    /**
     * @param  list<string>  $people  ids
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public string $id,
        public int|float $minutes,
        public array $people,
    ) {
        if ($minutes <= 0) {
            throw ImpossibleValue::of('minutes', 'must be above 0');
        }
        if ($people === []) {
            throw ImpossibleValue::of('people', "must not be empty: nobody is in {$id}");
        }
        if (count(array_unique($people)) !== count($people)) {
            throw ImpossibleValue::of('people', "must name a person once in {$id}");
        }
    }
}
