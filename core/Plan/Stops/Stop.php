<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\ImpossibleValue;

/** One of several jobs of a day; times in minutes since midnight. */
final readonly class Stop
{
    /**
     * @param  int|null  $opens  the earliest start of its appointment
     * @param  int|null  $closes  the latest start of it
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public int $id,
        public int $minutes,
        public ?int $place,
        public ?int $opens = null,
        public ?int $closes = null,
    ) {
        if ($minutes < 1) {
            throw ImpossibleValue::of('minutes', 'must be at least 1');
        }
        if ($opens !== null && $closes !== null && $closes < $opens) {
            throw ImpossibleValue::of('closes', 'must not come before it opens');
        }
    }
}
