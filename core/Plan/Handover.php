<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** What lies between two neighbours of a lane. */
final readonly class Handover
{
    /** @param  int|null  $travelMinutes null when the way between the two places is not known */
    public function __construct(
        public Segment $before,
        public Segment $after,
        public ?int $fromPlaceId,
        public ?int $toPlaceId,
        public ?int $travelMinutes,
        public string $lane,
    ) {}

    public function gapMinutes(): int
    {
        return intdiv($this->after->startsAt - $this->before->endsAt(), 60);
    }

    /** Minutes to spare after the travel and the setting up; negative when it does not fit. */
    public function slackMinutes(): int
    {
        return $this->gapMinutes() - ($this->travelMinutes ?? 0) - $this->after->wants->setupMinutes;
    }
}
