<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Priority;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Replan\Replan;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Segment;

/**
 * What if we are so many minutes late at a segment? The rest of that lane re-planned for the most value:
 * an outdoor segment that would end in daylight must still do so, an anchor never moves, a must is never
 * dropped. Value by priority; shortened, a segment keeps seven tenths of it (common practice, no source).
 */
final class LateDay
{
    private const SHORT_KEEPS = 0.7;

    private const POCKET = 'into ';

    public readonly Replan $replan;

    /** @var array<int, Segment> the rest of the lane as planned, by id */
    private array $rest = [];

    /** @throws ImpossibleValue when no such segment is planned */
    public function __construct(
        private readonly PlannedDay $day,
        int $segmentId,
        public readonly int $lateMinutes,
    ) {
        $lane = null;
        foreach ($day->lanes() as $segments) {
            foreach ($segments as $index => $segment) {
                if ($segment->id === $segmentId) {
                    $lane = array_slice($segments, $index);
                }
            }
        }
        if ($lane === null) {
            throw ImpossibleValue::of('segment', 'must be one of the plan');
        }
        foreach ($lane as $segment) {
            $this->rest[$segment->id] = $segment;
        }
        $now = DayPasses::minute($day, $lane[0]->startsAt) + $lateMinutes;
        $this->replan = (new Replanner($now, null, array_map($this->restOf(...), $lane), $this->pockets(), DayPasses::ways($day)))->best();
    }

    public function lane(): string
    {
        return array_values($this->rest)[0]->lane;
    }

    /** The day as it would be. */
    public function changed(): PlannedDay
    {
        $segments = [];
        $byId = $this->choices();
        foreach ($this->day->segments as $segment) {
            $choice = $byId[$segment->id] ?? null;
            if ($choice === null) {
                $segments[] = $segment;
            } elseif ($choice->start !== null && $choice->end !== null) {
                $segments[] = $segment->at($this->day->day->startsAt() + $choice->start * 60, max(1, $choice->end - $choice->start));
            }
        }

        return new PlannedDay($this->day->day, $segments, $this->day->travels, $this->day->points, $this->day->sun);
    }

    /** @return array<int, Choice> by segment id */
    public function choices(): array
    {
        $byId = [];
        foreach ($this->replan->choices as $choice) {
            $byId[(int) $choice->id] = $choice;
        }

        return $byId;
    }

    /** @return list<string> a sentence a change */
    public function sentences(): array
    {
        $sentences = [];
        foreach ($this->choices() as $id => $choice) {
            $segment = $this->rest[$id];
            $planned = $this->day->day->face($segment->startsAt);
            $start = $choice->start === null ? '' : $this->day->day->face($this->day->day->startsAt() + $choice->start * 60);
            $sentence = match ($choice->how) {
                How::Skipped => "{$segment->title} is dropped: of what can give it is worth least for its minutes.",
                How::Moved => "{$segment->title} moves into {$this->rest[self::pocketOf($choice)]->title}, ".($segment->shortMinutes ?? $segment->minutes).' min of it.',
                How::Short => "{$segment->title} is cut from {$segment->minutes} to ".($choice->end - $choice->start)." min, {$start} instead of {$planned}.",
                How::Full => $start === $planned ? null : "{$segment->title} starts at {$start} instead of {$planned}, in full.",
            };
            if ($sentence !== null) {
                $sentences[] = $sentence;
            }
        }

        return $sentences;
    }

    /** The id of the segment that one moves into. */
    public static function pocketOf(Choice $choice): int
    {
        return (int) substr((string) $choice->pocket, strlen(self::POCKET));
    }

    private static function pocketId(Segment $segment): string
    {
        return self::POCKET.$segment->id;
    }

    private function restOf(Segment $s): Rest
    {
        $value = $s->priority->value();
        $canShorten = $s->shortMinutes !== null && $s->shortMinutes < $s->minutes;

        return new Rest(
            id: (string) $s->id,
            minutes: $s->minutes,
            value: $value,
            shortMinutes: $canShorten ? $s->shortMinutes : null,
            shortValue: $canShorten ? (int) ($value * self::SHORT_KEEPS) : null,
            isMust: $s->isAnchor || $s->priority === Priority::Must,
            fixedStart: $s->isAnchor ? DayPasses::minute($this->day, $s->startsAt) : null,
            earliest: $s->isAnchor ? null : DayPasses::minute($this->day, $s->startsAt),
            latestEnd: $this->daylight($s),
            place: $s->placeId === null ? null : (string) $s->placeId,
            mayMoveTo: $s->mayMove ? $this->pocketsAfter($s) : [],
        );
    }

    /** An outdoor segment that was planned into daylight must end in it. */
    private function daylight(Segment $s): ?int
    {
        $sunset = $this->day->sun?->sunset();

        return $s->isOutdoor && $sunset !== null && $s->endsAt() <= $sunset ? DayPasses::minute($this->day, $sunset) : null;
    }

    /** @return array<string, int> minutes by segment id */
    private function pockets(): array
    {
        $pockets = [];
        foreach ($this->rest as $segment) {
            if ($segment->takesInMinutes > 0) {
                $pockets[self::pocketId($segment)] = $segment->takesInMinutes;
            }
        }

        return $pockets;
    }

    /** @return list<string> */
    private function pocketsAfter(Segment $s): array
    {
        $later = array_filter($this->rest, static fn (Segment $other): bool => $other->startsAt > $s->startsAt && $other->takesInMinutes > 0 && $other->isAnchor);

        return array_values(array_map(self::pocketId(...), $later));
    }
}
