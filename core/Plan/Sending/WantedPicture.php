<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\Time\ClockTime;

/** Something that is wanted while it still goes on: so many pictures of it, each of that size, by then. */
final readonly class WantedPicture
{
    /**
     * @param  ClockTime|null  $ready  when it can be taken and chosen by; null: from the start of the day
     * @param  float|null  $mb  of each; null: as usual
     */
    public function __construct(
        public string $what,
        public ClockTime $due,
        public ?ClockTime $ready = null,
        public int $count = 1,
        public ?float $mb = null,
        public int $worth = 1,
    ) {}
}
