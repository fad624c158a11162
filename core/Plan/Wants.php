<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Sky\LightWanted;

/** What a segment asks of the day beside its time and place. */
final readonly class Wants
{
    /**
     * @param  int|null  $earliestAt  Unix seconds before which it cannot start
     * @param  int|null  $latestEndAt  Unix seconds by which it must be over
     * @param  list<string>  $people  who is needed, by name
     * @param  int  $setupMinutes  of setting up there before it starts
     * @param  int|null  $worth  when something must give; null: by its priority
     * @param  list<string>  $alsoLanes  photographers who do it together with its own
     */
    public function __construct(
        public LightWanted $light = LightWanted::Any,
        public ?int $earliestAt = null,
        public ?int $latestEndAt = null,
        public array $people = [],
        public int $setupMinutes = 0,
        public ?int $worth = null,
        public array $alsoLanes = [],
        public ?int $spotId = null,
    ) {}
}
