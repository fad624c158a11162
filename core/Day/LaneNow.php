<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\Segment;

/** A photographer's lane at this minute: what runs and for how long still, what waits, and how late that makes it. */
final readonly class LaneNow
{
    public ?Segment $running;

    /** Of the running segment, what was said to come on top included; null where none runs. */
    public ?int $minutesLeft;

    /** @var list<Segment> that wait, the next first */
    public array $waiting;

    /** Against the plan, negative when early; null where nothing runs or waits. */
    public ?int $minutesLate;

    /** How much too late the next would begin, the way and the setting up counted; null where none waits. */
    public ?int $lateAtNext;

    /**
     * @param  list<Segment>  $lane  in order
     * @param  array<int, int>  $ways  minutes to each segment from the one before it
     * @param  int  $now  Unix seconds
     */
    public function __construct(array $lane, DayLog $log, array $ways, int $now)
    {
        $run = $log->states->running();
        $running = array_values(array_filter($lane, static fn (Segment $s): bool => (string) $s->id === $run))[0] ?? null;
        $this->running = $running;
        $started = $log->states->starts === [] ? 0.0 : $log->states->starts[count($log->states->starts) - 1]->at;
        $this->minutesLeft = $running === null
            ? null
            : max(0, $running->minutes + ($log->longer[$running->id] ?? 0) - (int) floor(($now - $started) / 60));
        $this->waiting = array_values(
            array_filter($lane, static fn (Segment $s): bool => $log->states->of((string) $s->id) === SegmentState::Waiting),
        );
        $next = $this->waiting[0] ?? null;
        // Whole minutes of the clock, as the lane live has them.
        $free = intdiv($now, 60) + ($this->minutesLeft ?? 0);
        $this->minutesLate = match (true) {
            $running !== null => $free - intdiv($running->endsAt(), 60),
            $next !== null => max(0, $free - intdiv($next->startsAt, 60)),
            default => null,
        };
        $this->lateAtNext = $next === null
            ? null
            : max(0, $free + ($ways[$next->id] ?? 0) + $next->wants->setupMinutes - intdiv($next->startsAt, 60));
    }
}
