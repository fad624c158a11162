<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\Judge\WantsJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Replan\Replan;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Time\Priority;

/**
 * The rest of one lane re-planned for the most value: an outdoor segment that would end in daylight must
 * still do so, wanted light and hours are kept, an anchor never moves, a must is never dropped. Value by
 * priority where none is said; shortened, a segment keeps seven tenths of it (common practice, no source).
 * Setting up belongs to a segment's minutes here.
 */
final class LateLane
{
    private const SHORT_KEEPS = 0.7;

    /** Where every segment is worth the same, one that is changed keeps hardly more than one that is dropped; ours, no source. */
    private const ALIKE = 100;

    private const CHANGED_KEEPS = 0.3;

    private const POCKET = 'into ';

    public readonly Replan $replan;

    /** @var array<int, Segment> the rest of the lane as planned, by id */
    private array $rest = [];

    /**
     * @param  list<Segment>  $rest  in order
     * @param  int  $now  minutes since midnight
     * @param  array<int, Choice>  $held  by segment id, what another lane decided
     * @param  bool  $isLeastChange  every segment is worth the same, so that the fewest are cut, moved or dropped
     */
    public function __construct(
        private readonly PlannedDay $day,
        public readonly string $name,
        array $rest,
        int $now,
        private readonly array $held = [],
        private readonly bool $isLeastChange = false,
    ) {
        foreach ($rest as $segment) {
            $this->rest[$segment->id] = $segment;
        }
        $kept = array_values(array_filter($rest, static fn (Segment $s): bool => ! isset($held[$s->id]) || $held[$s->id]->start !== null));
        usort($kept, fn (Segment $a, Segment $b): int => $this->startIn($a) <=> $this->startIn($b));
        $this->replan = (new Replanner($now, null, array_map($this->restOf(...), $kept), $this->pockets(), DayPasses::ways($day)))->best();
    }

    /** @return array<int, Choice> by segment id, start and end without the setting up */
    public function choices(): array
    {
        $byId = [];
        foreach ($this->replan->choices as $choice) {
            $id = (int) $choice->id;
            $setup = $this->rest[$id]->wants->setupMinutes;
            $byId[$id] = isset($this->held[$id])
                ? $this->held[$id]
                : new Choice(
                    $choice->id,
                    $choice->how,
                    $choice->start === null ? null : $choice->start + $setup,
                    $choice->end,
                    $choice->pocket,
                );
        }

        return $byId;
    }

    /** Unix seconds at which the rest would start as planned. */
    public function firstStart(): int
    {
        return min(array_map(static fn (Segment $s): int => $s->startsAt, $this->rest) ?: [0]);
    }

    /** The planned start, minutes since midnight. */
    public function startOf(int $id): ?int
    {
        return isset($this->rest[$id]) ? DayPasses::minute($this->day, $this->rest[$id]->startsAt) : null;
    }

    public function sharesWhatCanMove(): bool
    {
        foreach ($this->rest as $segment) {
            if ($segment->wants->alsoLanes !== [] && ! $segment->isAnchor) {
                return true;
            }
        }

        return false;
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
                How::Moved => "{$segment->title} moves into ".
                    ($this->rest[self::pocketOf($choice)]->title ?? 'another').
                    ', '.
                    ($segment->give->shortMinutes ?? $segment->minutes).
                    ' min of it.',
                How::Short => "{$segment->title} is cut from {$segment->minutes} to ".
                    ($choice->end - $choice->start).
                    " min, {$start} instead of {$planned}.",
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

    private function startIn(Segment $s): int
    {
        return $this->held[$s->id]->start ?? DayPasses::minute($this->day, $s->startsAt);
    }

    private function restOf(Segment $s): Rest
    {
        $setup = $s->wants->setupMinutes;
        $value = $this->isLeastChange ? self::ALIKE : $s->wants->worth ?? $s->priority->value();
        $place = $this->day->siteOf($s, $this->name)?->key();
        $held = $this->held[$s->id] ?? null;
        if ($held !== null) {
            return new Rest(
                (string) $s->id,
                (int) $held->end - (int) $held->start + $setup,
                $value,
                isMust: true,
                fixedStart: (int) $held->start - $setup,
                place: $place,
            );
        }
        $canShorten = $s->give->shortMinutes !== null && $s->give->shortMinutes < $s->minutes;

        return new Rest(
            id: (string) $s->id,
            minutes: $s->minutes + $setup,
            value: $value,
            shortMinutes: $canShorten ? $s->give->shortMinutes + $setup : null,
            shortValue: $canShorten ? (int) ($value * ($this->isLeastChange ? self::CHANGED_KEEPS : self::SHORT_KEEPS)) : null,
            isMust: $s->isAnchor || $s->priority === Priority::Must,
            fixedStart: $s->isAnchor ? DayPasses::minute($this->day, $s->startsAt) - $setup : null,
            earliest: $s->isAnchor ? null : DayPasses::minute($this->day, $s->startsAt) - $setup,
            latestEnd: $s->isAnchor ? null : $this->latestEnd($s),
            place: $place,
            mayMoveTo: $s->give->mayMove ? $this->pocketsAfter($s) : [],
        );
    }

    /** What was planned into a light or before an hour, and would have kept it, must keep it. */
    private function latestEnd(Segment $s): ?int
    {
        $ends = [$s->wants->latestEndAt];
        $sun = $this->day->sun;
        if ($sun !== null && $s->setting->isOutdoor) {
            $ends[] = $sun->sunset();
        }
        if ($sun !== null) {
            $ends[] = WantsJudge::stretch($s->wants->light, $sun, intdiv($s->startsAt + $s->endsAt(), 2))->to ?? null;
        }
        $kept = array_filter($ends, static fn (?int $end): bool => $end !== null && $s->endsAt() <= $end);

        return $kept === [] ? null : DayPasses::minute($this->day, min($kept));
    }

    /** @return array<string, int> minutes by segment id */
    private function pockets(): array
    {
        $pockets = [];
        foreach ($this->rest as $segment) {
            if ($segment->give->takesInMinutes > 0) {
                $pockets[self::pocketId($segment)] = $segment->give->takesInMinutes;
            }
        }

        return $pockets;
    }

    /** @return list<string> */
    private function pocketsAfter(Segment $s): array
    {
        $later = array_filter(
            $this->rest,
            static fn (Segment $other): bool => $other->startsAt > $s->startsAt && $other->give->takesInMinutes > 0 && $other->isAnchor,
        );

        return array_values(array_map(self::pocketId(...), $later));
    }
}
