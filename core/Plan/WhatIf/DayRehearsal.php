<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Rehearsal\Rehearsal;
use NorthSatchel\Plan\Rehearsal\Stretch;
use NorthSatchel\Plan\Segment;

/**
 * One lane of the planned day, lived through thousands of times. A segment starts at its planned time,
 * or when late at once. Where nobody said how long it may turn out, four fifths to one and a half times
 * the planned length are taken (common practice, no source); ways take as long as planned.
 */
final class DayRehearsal
{
    /** Wherever a whole day is rehearsed, so that the same days come out. */
    public const RUNS = 3000;

    public const SEED = 20;

    private const SHORTER = 0.8;

    private const LONGER = 1.5;

    private const BUFFER_MINUTES = 10;

    /** Less is no buffer. */
    private const LEAST_BUFFER_MINUTES = 3;

    private const AS_GOOD_AS_SURE = 0.995;

    /** A slow day is slow throughout, to some degree (common practice, no source). */
    private const CORRELATION = 0.3;

    /** @var list<Segment> */
    private array $segments;

    public function __construct(
        private readonly PlannedDay $day,
        private readonly string $lane,
        private readonly int $runs = self::RUNS,
        private readonly int $seed = self::SEED,
    ) {
        $this->segments = $day->lanes()[$lane] ?? [];
    }

    /**
     * @return list<RehearsedRow>
     * late: minutes after the planned start in nine days of ten
     */
    public function rows(): array
    {
        if ($this->segments === []) {
            return [];
        }
        $rehearsal = $this->rehearse(null);
        $now = $this->chances(null);
        $rows = [];
        foreach ($this->segments as $index => $segment) {
            // Each segment follows the way to it.
            $start = $rehearsal->starts[2 * $index + 1];
            $planned = DayPasses::minute($this->day, $segment->startsAt);
            $rows[] = new RehearsedRow(
                segment: $segment,
                p50: $this->face($start->p50),
                p90: $this->face($start->p90),
                late: max(0, (int) round($start->p90) - $planned),
                onTime: $start->onTime ?? 1.0,
                if: $this->ifNeverOverrun($index, $now),
            );
        }

        return $rows;
    }

    /** @return array<int, float> the chance of each anchor of being reached on time, by id */
    public function anchors(): array
    {
        return $this->segments === [] ? [] : $this->chances(null);
    }

    /** @param  array<int, float>  $now  chance of each anchor by id */
    private function ifNeverOverrun(int $index, array $now): ?NeverOverrun
    {
        $segment = $this->segments[$index];
        foreach (array_slice($this->segments, $index + 1) as $anchor) {
            if ($anchor->isAnchor) {
                $after = $now[$anchor->id] > self::AS_GOOD_AS_SURE
                    ? $now[$anchor->id]
                    : $this->chances(null, $segment->id)[$anchor->id];

                return new NeverOverrun($anchor, $now[$anchor->id], $after);
            }
        }

        return null;
    }

    /**
     * Which segment, started ten minutes earlier or as much as there is room for, does most for the anchors after it; null when all of
     * them are reached as good as always, or nothing has room.
     *
     * @param  callable(PlannedDay): bool  $isPossible  whether that day is as good as this one otherwise
     */
    public function bestBuffer(callable $isPossible): ?BestBuffer
    {
        $anchors = array_filter($this->segments, static fn (Segment $s): bool => $s->isAnchor);
        if ($anchors === []) {
            return null;
        }
        $chances = $this->chances(null);
        $weakest = null;
        foreach ($anchors as $anchor) {
            $weakest = $weakest === null || $chances[$anchor->id] < $chances[$weakest->id] ? $anchor : $weakest;
        }
        if ($weakest === null || $chances[$weakest->id] > self::AS_GOOD_AS_SURE) {
            return null;
        }
        $best = null;
        foreach ($this->segments as $segment) {
            $minutes = min(self::BUFFER_MINUTES, $this->roomBefore($segment));
            if ($segment->isAnchor || $segment->id === $weakest->id || $minutes < self::LEAST_BUFFER_MINUTES) {
                continue;
            }
            $after = $this->chances($segment->id, earlier: $minutes)[$weakest->id];
            if (($best === null || $after > $best->after) && $isPossible($this->earlier($segment, $minutes))) {
                $best = new BestBuffer(
                    segment: $segment,
                    minutes: $minutes,
                    before: $chances[$weakest->id],
                    after: $after,
                    anchor: $weakest,
                );
            }
        }

        return $best !== null && $best->after > $best->before + 0.005 ? $best : null;
    }

    /** Minutes by which it could start earlier without meeting what comes before, for everybody who does it. */
    private function roomBefore(Segment $segment): int
    {
        $slack = [self::BUFFER_MINUTES];
        foreach ($this->day->handovers() as $h) {
            if ($h->after->id === $segment->id) {
                $slack[] = $h->slackMinutes();
            }
        }

        return min($slack);
    }

    private function earlier(Segment $segment, int $minutes): PlannedDay
    {
        return $this->day->with(array_map(
            static fn (Segment $s): Segment => $s->id === $segment->id ? $s->at($s->startsAt - 60 * $minutes, $s->minutes) : $s,
            $this->day->segments,
        ));
    }

    /** @return array<int, float> chance of each anchor by id, with a segment started earlier, or one that never overruns */
    private function chances(?int $earlierId, ?int $exactId = null, int $earlier = 0): array
    {
        $starts = $this->rehearse($earlierId, $exactId, $earlier)->starts;
        $chances = [];
        foreach ($this->segments as $index => $segment) {
            if ($segment->isAnchor) {
                $chances[$segment->id] = $starts[2 * $index + 1]->onTime ?? 1.0;
            }
        }

        return $chances;
    }

    private function rehearse(?int $earlierId, ?int $exactId = null, int $earlier = 0): Rehearsal
    {
        $stretches = [];
        $place = null;
        foreach ($this->segments as $s) {
            $site = $this->day->siteOf($s, $this->lane);
            $way = $this->day->likelyWay($place, $site);
            $place = $site ?? $place;
            $start = DayPasses::minute($this->day, $s->startsAt) - ($s->id === $earlierId ? $earlier : 0);
            $stretches[] = new Stretch("way to {$s->id}", $way, $way, $way);
            $stretches[] = new Stretch(
                self::id($s),
                min($s->minutes, $s->give->lowMinutes ?? $s->minutes * self::SHORTER),
                $s->minutes,
                $s->id === $exactId ? $s->minutes : max($s->minutes, $s->give->highMinutes ?? $s->minutes * self::LONGER),
                $start,
            );
        }

        return new Rehearsal(
            DayPasses::minute($this->day, $this->segments[0]->startsAt) - self::BUFFER_MINUTES,
            $stretches,
            $this->runs,
            $this->seed,
            self::CORRELATION,
        );
    }

    private static function id(Segment $segment): string
    {
        return "segment {$segment->id}";
    }

    private function face(float $minute): string
    {
        return $this->day->day->face($this->day->day->startsAt() + (int) round($minute) * 60);
    }
}
