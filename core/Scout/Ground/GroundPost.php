<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

use NorthSatchel\Time\ClockTime;

/** Where one may stand at a ground, and what that allows. */
final readonly class GroundPost
{
    /**
     * @param  int  $holds  how many at once
     * @param  float  $upM  above the ground
     * @param  int  $stairsMinutes  up to it, on every way there and back
     * @param  ClockTime|null  $until  when it is cleared; null: never
     * @param  list<string>  $unseen  zones that something hides from there
     * @param  list<string>  $notes  what else is to be known: a seat, on the knees, power, a wire
     */
    public function __construct(
        public string $name,
        public float $xM,
        public float $yM,
        public int $holds = 1,
        public float $upM = 0.0,
        public int $stairsMinutes = 0,
        public ?ClockTime $until = null,
        public ?string $pass = null,
        public array $unseen = [],
        public array $notes = [],
        /** The post to which one goes when the action moves; null: one stays. */
        public ?string $otherPost = null,
        /** What makes one go there. */
        public string $trigger = '',
    ) {}
}
