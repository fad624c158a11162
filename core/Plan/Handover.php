<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** What lies between two neighbours of a lane. */
final readonly class Handover
{
    /**
     * @param  int|null  $travelMinutes  gates included; null when the way between the two places is not known
     * @param  int  $gateMinutes  how much of it are gates, stairs and missing lifts
     */
    public function __construct(
        public Segment $before,
        public Segment $after,
        public ?Site $from,
        public ?Site $to,
        public ?int $travelMinutes,
        public string $lane,
        public int $gateMinutes = 0,
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
