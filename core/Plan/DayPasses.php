<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Plan\Timeline\Part;
use NorthSatchel\Plan\Timeline\Timeline;
use NorthSatchel\Plan\Timeline\Ways;

/** Slack and leave-by times of a planned day: no segment starts before its planned time, anchors do not move. */
final class DayPasses
{
    private readonly Timeline $timeline;

    private function __construct(private readonly PlannedDay $day)
    {
        $parts = [];
        foreach ($day->lanes() as $lane => $segments) {
            foreach ($segments as $s) {
                $parts[] = new Part(
                    id: (string) $s->id,
                    minutes: $s->minutes,
                    lane: $lane,
                    place: $s->placeId === null ? null : (string) $s->placeId,
                    fixedStart: $s->isAnchor ? self::minute($day, $s->startsAt) : null,
                    earliest: self::minute($day, $s->startsAt),
                );
            }
        }
        $this->timeline = new Timeline(0, $parts, self::ways($day));
    }

    public static function of(PlannedDay $day): self
    {
        return new self($day);
    }

    /** Minutes a segment may start later without hurting an anchor; null where nothing later limits it. */
    public function slack(int $segmentId): ?int
    {
        return $this->timeline->slack((string) $segmentId);
    }

    /** @return array<int, int> latest Unix seconds to leave for a segment, by its id, where a way lies before it and something limits it */
    public function leaveBy(): array
    {
        $leave = [];
        foreach ($this->timeline->leaveBy() as $way) {
            if ($way->at !== null) {
                $leave[(int) $way->before] = $this->day->day->startsAt() + $way->at * 60;
            }
        }

        return $leave;
    }

    /** @return array<int, int> Unix seconds to leave at for a segment to start as planned, by its id, where a way lies before it */
    public function leaveAt(): array
    {
        $leave = [];
        foreach ($this->day->handovers() as $h) {
            if ($h->fromPlaceId !== null && $h->toPlaceId !== null && $h->fromPlaceId !== $h->toPlaceId) {
                $leave[$h->after->id] = $h->after->startsAt - 60 * $this->day->likelyWay($h->fromPlaceId, $h->toPlaceId);
            }
        }

        return $leave;
    }

    /**
     * The ways of the day by place; one that nobody has said is taken from the map, its own finding asks for it.
     */
    public static function ways(PlannedDay $day): Ways
    {
        $places = array_values(array_unique(array_filter(array_map(static fn (Segment $s): ?int => $s->placeId, $day->segments))));
        $list = [];
        foreach ($places as $from) {
            foreach ($places as $to) {
                if ($from !== $to) {
                    $list[] = ['from' => (string) $from, 'to' => (string) $to, 'minutes' => $day->likelyWay($from, $to)];
                }
            }
        }

        return new Ways($list);
    }

    public static function minute(PlannedDay $day, int $unix): int
    {
        return intdiv($unix - $day->day->startsAt(), 60);
    }
}
