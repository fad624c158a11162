<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Scout\Spot;
use NorthSatchel\Verdict;

/** A segment tried at a spot, on a copy of the day. */
final readonly class SpotTry
{
    /**
     * @param  list<Verdict>  $found  what is said of the day with the segment there, and is not said of it without the segment
     * @param  int  $wayMinutes  from where one is before
     * @param  float|null  $roomM  to step back
     */
    public function __construct(
        public Spot $spot,
        public bool $isNow,
        public array $found,
        public int $wayMinutes,
        public ?float $roomM = null,
        public ?string $power = null,
        public ?string $background = null,
    ) {}
}
