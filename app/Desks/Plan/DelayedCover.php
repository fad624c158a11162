<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Job;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Posts\PlayedPeriod;
use NorthSatchel\Plan\Posts\PostJudge;
use NorthSatchel\Plan\Posts\PostShift;
use NorthSatchel\Severity;
use NorthSatchel\Verdicts;

/** The posts of an event that the weather delays, chosen again. */
final readonly class DelayedCover
{
    public function __construct(private CoverDesk $cover) {}

    /** Of a job of which everything outdoors of a day comes later by so many minutes: who stands elsewhere, and what cannot be any more. */
    public function of(Job $job, int $day, int $minutes): Verdicts
    {
        $ground = $this->cover->isPeriodMarked($job) ? $this->cover->ground($job) : null;
        $found = [];
        try {
            $now = $ground === null ? null : $this->cover->cover($job, $ground);
            $then = $now?->later(static fn (PlayedPeriod $p): bool => $p->isOutdoor && $p->day === $day, $minutes);
            if ($now === null || $then === null || ! $now->isAsked()) {
                return new Verdicts();
            }
            foreach (PostJudge::of($then, $job->id) as $verdict) {
                $found = in_array($verdict->severity, [Severity::Stop, Severity::Fix], true) ? [...$found, $verdict] : $found;
            }
            $shift = PostShift::of($then, $now->best(), $then->best());
        } catch (ImpossibleValue) {
            $shift = null;
        }

        return new Verdicts($shift === null ? $found : [...$found, $shift]);
    }
}
