<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Plan\Timeline\Part;
use NorthSatchel\Plan\Timeline\Timeline;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;

/** Slack and leave-by times of a planned day: no segment starts before its planned time, anchors do not move. */
final class DayPasses
{
    /** Setting up for the first segment may start the evening before. */
    private const BEFORE_MIDNIGHT = 720;

    private readonly Timeline $timeline;

    /** @var array<int, list<string>> by segment id */
    private array $lanesOf = [];

    private function __construct(private readonly PlannedDay $day)
    {
        $parts = [];
        foreach ($day->lanes() as $lane => $segments) {
            foreach ($segments as $s) {
                $setup = $s->wants->setupMinutes;
                $start = self::minute($day, $s->startsAt) - $setup;
                $parts[] = new Part(
                    id: self::id($s->id, $lane),
                    minutes: $s->minutes + $setup,
                    lane: $lane,
                    place: $s->setting->placeId === null ? null : (string) $s->setting->placeId,
                    fixedStart: $s->isAnchor ? $start : null,
                    earliest: $start,
                    latestEnd: $s->wants->latestEndAt === null ? null : self::minute($day, $s->wants->latestEndAt),
                );
                $this->lanesOf[$s->id][] = $lane;
            }
        }
        $this->timeline = new Timeline(-self::BEFORE_MIDNIGHT, $parts, self::ways($day));
    }

    public static function of(PlannedDay $day): self
    {
        return new self($day);
    }

    /** Minutes a segment may start later without hurting an anchor; null where nothing later limits it. */
    public function slack(int $segmentId): ?int
    {
        $slacks = array_filter(
            array_map(fn (string $lane): ?int => $this->timeline->slack(self::id($segmentId, $lane)), $this->lanesOf[$segmentId] ?? []),
            is_int(...),
        );

        return $slacks === [] ? null : min($slacks);
    }

    /** @return array<int, int> latest Unix seconds to leave for a segment, by its id, where a way lies before it and something limits it */
    public function leaveBy(): array
    {
        $leave = [];
        foreach ($this->timeline->leaveBy() as $way) {
            if ($way->at !== null) {
                $id = (int) $way->before;
                $at = $this->day->day->startsAt() + $way->at * 60;
                $leave[$id] = min($leave[$id] ?? $at, $at);
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
                $at = $h->after->startsAt - 60 * ($this->day->likelyWay($h->fromPlaceId, $h->toPlaceId) + $h->after->wants->setupMinutes);
                $leave[$h->after->id] = min($leave[$h->after->id] ?? $at, $at);
            }
        }

        return $leave;
    }

    /**
     * The ways of the day by place; one that nobody has said is taken from the map, its own finding asks for it.
     */
    public static function ways(PlannedDay $day): Ways
    {
        $places = array_values(array_unique(array_filter(array_map(static fn (Segment $s): ?int => $s->setting->placeId, $day->segments))));
        $list = [];
        foreach ($places as $from) {
            foreach ($places as $to) {
                if ($from !== $to) {
                    $list[] = new Way((string) $from, (string) $to, $day->likelyWay($from, $to));
                }
            }
        }

        return new Ways($list);
    }

    private static function id(int $segmentId, string $lane): string
    {
        return "{$segmentId} {$lane}";
    }

    public static function minute(PlannedDay $day, int $unix): int
    {
        return intdiv($unix - $day->day->startsAt(), 60);
    }
}
