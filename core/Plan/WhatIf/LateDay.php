<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Replan\Choice;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\Segment;

/**
 * What if we are so many minutes late at a segment? The rest of that lane is re-planned exactly; then every
 * other lane that shares a segment with it, the shared ones held at their new times. One lane after the
 * other is not proven best for both together as soon as a shared segment can move; then it says so.
 */
final class LateDay
{
    /** @var non-empty-list<LateLane> the late one first */
    public readonly array $lanes;

    /** @throws ImpossibleValue when no such segment is planned */
    public function __construct(
        private readonly PlannedDay $day,
        public readonly int $segmentId,
        public readonly int $lateMinutes,
        private readonly bool $isLeastChange = false,
    ) {
        $lanes = $day->lanes();
        $late = null;
        foreach ($lanes as $name => $segments) {
            foreach ($segments as $index => $segment) {
                if ($segment->id === $segmentId && ($segment->lane === $name || $late === null)) {
                    $late = new LateLane(
                        $day,
                        $name,
                        array_slice($segments, $index),
                        DayPasses::minute($day, $segment->startsAt) - $segment->wants->setupMinutes + $lateMinutes,
                        [],
                        $isLeastChange,
                    );
                }
            }
        }
        if ($late === null) {
            throw ImpossibleValue::of('segment', 'must be one of the plan');
        }
        $all = [$late];
        if ($late->replan->isFeasible) {
            foreach ($lanes as $name => $segments) {
                $beside = $name === $late->name ? null : $this->beside($late, $name, $segments);
                if ($beside !== null) {
                    $all[] = $beside;
                }
            }
        }
        $this->lanes = $all;
    }

    public function isFeasible(): bool
    {
        return $this->blocked() === null;
    }

    /** The first lane for which there is no plan; null when all have one. */
    public function blocked(): ?LateLane
    {
        foreach ($this->lanes as $lane) {
            if (! $lane->replan->isFeasible) {
                return $lane;
            }
        }

        return null;
    }

    /** Whether the late lane has a plan, and another that shares a segment with it has none. */
    public function isBlockedByWhatIsShared(): bool
    {
        return ! in_array($this->blocked(), [null, $this->lanes[0]], true);
    }

    /** Whether it is proven that no other plan keeps more. */
    public function isProven(): bool
    {
        foreach ($this->lanes as $lane) {
            if (! $lane->replan->isOptimal) {
                return false;
            }
        }

        return count($this->lanes) === 1 || ! $this->lanes[0]->sharesWhatCanMove();
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

        return $this->day->with($segments);
    }

    /** @return array<int, Choice> by segment id, start and end without the setting up; of a shared one the late lane's */
    public function choices(): array
    {
        $byId = [];
        foreach (array_reverse($this->lanes) as $lane) {
            $byId = $lane->choices() + $byId;
        }

        return $byId;
    }

    /** @return list<string> a sentence a change */
    public function sentences(): array
    {
        $sentences = [];
        foreach ($this->lanes as $lane) {
            $sentences = [...$sentences, ...$lane->sentences()];
        }

        return array_values(array_unique($sentences));
    }

    /** @return list<string> */
    public function laneNames(): array
    {
        return array_map(static fn (LateLane $lane): string => $lane->name, $this->lanes);
    }

    /**
     * Another lane, if it shares something that changed.
     *
     * @param  list<Segment>  $segments
     */
    private function beside(LateLane $late, string $name, array $segments): ?LateLane
    {
        $choices = $late->choices();
        $held = [];
        foreach ($segments as $segment) {
            $choice = $choices[$segment->id] ?? null;
            if ($choice !== null) {
                $held[$segment->id] = $choice;
            }
        }
        $changed = array_filter(
            $held,
            fn (Choice $c, int $id): bool => $c->how !== How::Full || $late->startOf($id) !== $c->start,
            ARRAY_FILTER_USE_BOTH,
        );
        if ($changed === []) {
            return null;
        }
        $from = $late->firstStart();
        $rest = array_values(array_filter($segments, static fn (Segment $s): bool => $s->startsAt >= $from || isset($held[$s->id])));
        $now = DayPasses::minute(
            $this->day,
            min($from, ...array_map(static fn (Segment $s): int => $s->startsAt - 60 * $s->wants->setupMinutes, $rest)),
        );
        foreach ($segments as $segment) {
            $now =
                $segment->startsAt < $from && ! isset($held[$segment->id])
                    ? max($now, DayPasses::minute($this->day, $segment->endsAt()))
                    : $now;
        }

        return new LateLane($this->day, $name, $rest, $now, $held, $this->isLeastChange);
    }
}
