<?php

declare(strict_types=1);

namespace App\Desks\Day;

use App\Desks\Brief\JobDay;
use App\Desks\Brief\KeptFindings;
use App\Desks\Kit\PlacedDesk;
use App\Desks\People\PeopleDesk;
use App\Desks\Plan\OwedShots;
use App\Desks\Plan\PlanDesk;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment as StoredSegment;
use App\Models\Plan\ShotLine;
use NorthSatchel\Day\DayJudge;
use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\IgnoredTap;
use NorthSatchel\Day\LaneNow;
use NorthSatchel\Day\LivedDay;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Day\LivedShot;
use NorthSatchel\Day\SegmentState;
use NorthSatchel\Kit\Pack\Placement;
use NorthSatchel\People\CallState;
use NorthSatchel\People\Pace as FamilyPace;
use NorthSatchel\Plan\FrameRates;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setups\ElementCount;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdicts;

/** The day itself: the pocket that a phone takes along, and what was tapped. */
final class DayDesk
{
    public function __construct(
        private readonly PlanDesk $plan,
        private readonly TapDesk $taps,
        private readonly PocketMaker $maker,
        private readonly SlotsAtHand $slots,
        private readonly PeopleDesk $people,
        private readonly PlacedDesk $placed,
    ) {}

    /** The day of a job that is today, else its first. */
    public static function today(Job $job): int
    {
        $gone = -JobDay::daysTo($job);

        return $gone > 0 && $gone < JobDay::count($job) ? $gone : 0;
    }

    /** Kept until the plan, the kit or the people change; no tap does that by itself. */
    public function pocket(Job $job, int $number): Pocket
    {
        return KeptFindings::besideTaps($job, "pocket {$number}", fn (): Pocket => $this->maker->made($job, $number));
    }

    /** @return list<Tap> of the day, of that job */
    public function taps(Job $job): array
    {
        return $this->taps->log($job->id)->ofKind(...TapKind::ofTheDay());
    }

    public function state(Job $job, ?DayShare $share = null): DayState
    {
        $pocket = $this->pocket($job, self::today($job));
        $taps = $this->taps($job);
        $shown = $share === null ? $pocket : $share->pocket($pocket, $job);

        return new DayState(
            $shown,
            $share === null ? $taps : DayShare::taps($taps, $shown),
            array_map(
                static fn (Tap $t): string => $t->id,
                array_values(array_filter($taps, static fn (Tap $t): bool => in_array($t->kind, TapKind::ofThePlan(), true))),
            ),
            OwedShots::done($job),
            $share === null ? $this->slots->slots($job) : $share->slots($this->slots->slots($job)),
            $shown->calling === null ? null : new CallState($this->taps->log($job->id)),
            array_values(array_intersect(
                $this->taps->log($job->id)->standing(TapKind::Broke),
                array_map(static fn (PocketGear $g): int => $g->item, $shown->gear),
            )),
            $this->standing($job, $share),
            $shown->elements === [] ? [] : (new ElementCount($this->taps->log($job->id)))->all(),
            (float) now()->format('U.v'),
        );
    }

    /** @return list<PocketStanding> all of it; on a phone by a link what its photographer takes along */
    private function standing(Job $job, ?DayShare $share): array
    {
        $leaving = $this->placed->leaving($job);
        $all = array_map(
            static fn (Placement $p): PocketStanding => new PocketStanding(
                $p->itemId,
                $p->label,
                $p->place,
                $p->clock,
                $p->lane,
                $leaving[$p->place] ?? null,
            ),
            array_values($this->placed->standing($job)),
        );

        return array_values(array_filter($all, static fn (PocketStanding $s): bool => $share === null || $s->lane === $share->lane()));
    }

    public function verdicts(Job $job): Verdicts
    {
        $number = self::today($job);
        $days = JobDay::daysTo($job);
        // Before the day nothing can have been tapped of it.
        if ($days > 0) {
            return DayJudge::of($days, $job->segments->where('day', $number)->count(), [], [], [], 0);
        }
        $day = $this->plan->day($job, $number);
        $owed = OwedShots::done($job);
        $stored = $job->segments->where('day', $number)->keyBy('id');
        $all = $this->log(array_values($stored->all()), $job);
        $ways = PocketMaker::ways($day);
        $lanes = $open = $skipped = [];
        foreach ($day->lanes() as $name => $lane) {
            $own = array_values($stored->only(array_map(static fn (Segment $s): int => $s->id, $lane))->all());
            $log = $this->log($own, $job);
            $lanes[$name] = new LaneNow($lane, $log, $ways[$name] ?? [], (int) now()->format('U'));
            foreach ($lane as $segment) {
                $state = $log->states->of((string) $segment->id);
                $row = $stored->get($segment->id);
                if ($state === SegmentState::Skipped && $segment->priority === Priority::Must) {
                    $skipped[$segment->id] = $segment;
                }
                foreach ($state === SegmentState::Done && $row !== null ? $row->shotLines->where('priority', 'must') : [] as $line) {
                    if (! in_array($line->id, [...$all->ticked, ...$owed], true)) {
                        $open[$line->id] = $line->what;
                    }
                }
            }
        }
        $unknown = array_filter($all->log->ignored, static fn (IgnoredTap $t): bool => $t->why === 'unknown');

        return DayJudge::of($days, count($day->segments), $lanes, array_values($open), array_values($skipped), count($unknown));
    }

    /** @return list<LivedSegment> the day so far */
    public function lived(Job $job): array
    {
        $number = self::today($job);
        $day = $this->plan->day($job, $number);
        $stored = $job->segments->where('day', $number)->keyBy('id');
        $ticks = $this->log(array_values($stored->all()), $job)->tickedAt;
        $logs = $shots = [];
        foreach ($day->lanes() as $name => $lane) {
            $logs[$name] = $this->log(array_values($stored->only(array_map(static fn (Segment $s): int => $s->id, $lane))->all()), $job);
        }
        foreach ($stored as $row) {
            $shots[$row->id] = array_values(
                $row->shotLines
                    ->map(static fn (ShotLine $l): LivedShot => new LivedShot(
                        $l->id,
                        $l->what,
                        $l->priority === Priority::Must->value,
                        $ticks[$l->id] ?? null,
                        $l->frames === FrameRates::UNTYPED ? null : $l->frames,
                    ))
                    ->all(),
            );
        }
        if (isset($shots[$job->formals_segment_id])) {
            $shots[$job->formals_segment_id] = [...$shots[$job->formals_segment_id], ...$this->groups($job)];
        }

        return LivedDay::of($day->segments, $logs, $shots, (int) now()->format('U'));
    }

    /** @return list<LivedShot> the groups of the family as shots, with the frames that each needs */
    private function groups(Job $job): array
    {
        $log = $this->taps->log($job->id);
        $standing = $log->standing(TapKind::Shot);
        $at = [];
        foreach ($log->ofKind(TapKind::Shot) as $tap) {
            $at[$tap->subject()] = $tap->at;
        }
        $shots = [];
        foreach ($this->people->named($job) as $id => $group) {
            $frames = FamilyPace::frames(count($group->people));
            $isShot = in_array($id, $standing, true);
            $shots[] = new LivedShot($id, $group->title, $group->priority === Priority::Must, $isShot ? $at[$id] : null, $frames, true);
        }

        return $shots;
    }

    /** @param  list<StoredSegment>  $segments */
    private function log(array $segments, Job $job): DayLog
    {
        $shots = array_map(static fn (StoredSegment $s): array => $s->shotLines->map(static fn (ShotLine $l): int => $l->id)->all(), $segments);

        return new DayLog(
            $this->taps($job),
            (float) now()->format('U.v'),
            array_map(static fn (StoredSegment $s): int => $s->id, $segments),
            array_values(array_merge(...$shots)),
        );
    }
}
