<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

/** An order of stops that keeps every appointment. */
final readonly class Round
{
    /**
     * @param  list<int>  $order  stop ids
     * @param  array<int, int>  $starts  minutes since midnight, by stop id, set out as early as said
     * @param  int|null  $slackMinutes  how much later one may set out; null where no appointment limits it
     */
    public function __construct(
        public array $order,
        public array $starts,
        public ?int $slackMinutes,
        public int $endsAt,
    ) {}
}
