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

    /** @var array<int, true> by segment id: between it and what does not move lies a way that nobody knows */
    private array $unsure = [];

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
                    place: $day->siteOf($s, $lane)?->key(),
                    fixedStart: $s->isAnchor ? $start : null,
                    earliest: $start,
                    latestEnd: $s->wants->latestEndAt === null ? null : self::minute($day, $s->wants->latestEndAt),
                );
                $this->lanesOf[$s->id][] = $lane;
            }
        }
        $this->timeline = new Timeline(-self::BEFORE_MIDNIGHT, $parts, self::ways($day));
        $unsure = [];
        foreach (array_reverse($day->handovers()) as $h) {
            $isUnknown = $h->from !== null && $h->to !== null && ! $day->knowsWay($h->from, $h->to);
            // What follows an anchor does not press on what lies before it.
            if ($isUnknown || (isset($unsure["{$h->lane} {$h->after->id}"]) && ! $h->after->isAnchor)) {
                $unsure["{$h->lane} {$h->before->id}"] = true;
                $this->unsure[$h->before->id] = true;
            }
        }
    }

    public static function of(PlannedDay $day): self
    {
        return new self($day);
    }

    /**
     * Minutes a segment may start later without hurting an anchor; null where nothing later limits it, or a way on the way there is known
     * to nobody and to no map.
     */
    public function slack(int $segmentId): ?int
    {
        if (isset($this->unsure[$segmentId])) {
            return null;
        }
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
        $ways = $this->knownWays();
        foreach ($this->timeline->leaveBy() as $way) {
            $id = (int) $way->before;
            if ($way->at !== null && isset($ways[$id])) {
                $at = $this->day->day->startsAt() + $way->at * 60;
                $leave[$id] = min($leave[$id] ?? $at, $at);
            }
        }

        return $leave;
    }

    /**
     * Where a way lies before a segment and its length is known, when to leave for it to start as planned, and never
     * later than what follows allows.
     *
     * @return array<int, int> Unix seconds, by segment id
     */
    public function leaveAt(): array
    {
        $leave = [];
        $latest = $this->leaveBy();
        foreach ($this->knownWays() as $id => $at) {
            $leave[$id] = min($at, $latest[$id] ?? $at);
        }

        return $leave;
    }

    /** @return array<int, int> Unix seconds to leave at for the start as planned, by segment id, where every way to it has a known length */
    private function knownWays(): array
    {
        $ways = [];
        $unknown = [];
        foreach ($this->day->handovers() as $h) {
            if ($h->from === null || $h->to === null || $h->from->isSameAs($h->to)) {
                continue;
            }
            $id = $h->after->id;
            $at = $h->after->startsAt - 60 * ($this->day->likelyWay($h->from, $h->to) + $h->after->wants->setupMinutes);
            $ways[$id] = min($at, $ways[$id] ?? $at);
            $unknown[$id] = ! $this->day->knowsWay($h->from, $h->to) || ($unknown[$id] ?? false);
        }

        return array_diff_key($ways, array_filter($unknown));
    }

    /**
     * The ways of the day by place; one that nobody has said is taken from the map, its own finding asks for it.
     */
    public static function ways(PlannedDay $day): Ways
    {
        $sites = [];
        foreach ($day->lanes() as $lane => $segments) {
            foreach ($segments as $segment) {
                $site = $day->siteOf($segment, $lane);
                $sites[$site?->key() ?? ''] = $site;
            }
        }
        $list = [];
        foreach (array_filter($sites) as $from) {
            foreach (array_filter($sites) as $to) {
                if ($from !== $to) {
                    $list[] = new Way($from->key(), $to->key(), $day->likelyWay($from, $to));
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
