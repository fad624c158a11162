<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Replan\Replan;
use NorthSatchel\Plan\Replan\Replanner;
use NorthSatchel\Plan\Replan\Rest;
use NorthSatchel\Plan\Timeline\Ways;

/**
 * One lane, live: what runs, for how long still, how late it is, and the best that can be made of what waits. All of it
 * follows from the plan and from what was tapped up to now, whatever the order in which the taps came in.
 */
final readonly class LiveLane
{
    public EventLog $log;

    /** @var list<SegmentState> in the order of the segments */
    public array $states;

    public ?Running $running;

    /** Null where nothing waits and nothing runs. */
    public ?int $minutesLate;

    /** Null where nothing waits. */
    public ?Replan $replan;

    /**
     * @param  float  $now  seconds since midnight
     * @param  list<LiveSegment>  $segments  of the lane, in their planned order
     * @param  list<LiveEvent>  $events
     * @param  array<string, int>  $pockets  minutes by id
     * @param  string|null  $place  where one is before the first
     *
     * @throws ImpossibleValue for a way that is not listed
     */
    public function __construct(float $now, private array $segments, array $events, array $pockets, Ways $ways, private ?string $place)
    {
        $ids = array_map(static fn (LiveSegment $s): string => $s->rest->id, $segments);
        $this->log = new EventLog($events, $now, $ids);
        $states = new LaneStates($ids, $this->log->counted);
        $starts = $states->starts;
        $this->states = array_map($states->of(...), $ids);
        $this->running = $this->running($starts, $now);
        $minute = (int) floor($now / 60);
        $waiting = array_values(
            array_filter($segments, fn (LiveSegment $s, int $i): bool => $this->states[$i] === SegmentState::Waiting, ARRAY_FILTER_USE_BOTH),
        );
        $this->minutesLate = match (true) {
            $this->running !== null => $minute + $this->running->minutesLeft - $this->running->segment->plannedEnd(),
            $waiting !== [] => max(0, $minute - $waiting[0]->plannedStart),
            default => null,
        };
        $this->replan =
            $waiting === []
                ? null
                : (new Replanner(
                    now: $minute + ($this->running->minutesLeft ?? 0),
                    place: $this->placeAfter($starts),
                    segments: array_map(static fn (LiveSegment $s): Rest => $s->rest, $waiting),
                    pockets: $pockets,
                    ways: $ways,
                ))->best();
    }

    /** @param  list<LiveEvent>  $starts */
    private function running(array $starts, float $now): ?Running
    {
        foreach ($this->segments as $i => $segment) {
            if ($this->states[$i] === SegmentState::Running) {
                // Only the segment that was started last can run.
                $startedAt = $starts[count($starts) - 1]->at;

                return new Running($segment, $startedAt, max(0, $segment->rest->minutes - (int) floor(($now - $startedAt) / 60)));
            }
        }

        return null;
    }

    /**
     * The place of the last one started; where it has none, of the one started before it.
     *
     * @param  list<LiveEvent>  $starts
     */
    private function placeAfter(array $starts): ?string
    {
        $places = [];
        foreach ($this->segments as $segment) {
            $places["s{$segment->rest->id}"] = $segment->rest->place;
        }
        foreach (array_reverse($starts) as $start) {
            if ($places["s{$start->segment}"] !== null) {
                return $places["s{$start->segment}"];
            }
        }

        return $this->place;
    }
}
