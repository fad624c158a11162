<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\AccessWindow;
use App\Models\Plan\Segment as StoredSegment;
use NorthSatchel\Plan\Audience;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\DayRuler;
use NorthSatchel\Plan\Gates;
use NorthSatchel\Plan\Judge\AccessJudge;
use NorthSatchel\Plan\Judge\ChainJudge;
use NorthSatchel\Plan\Judge\NightJudge;
use NorthSatchel\Plan\Judge\PeopleJudge;
use NorthSatchel\Plan\Judge\Separation;
use NorthSatchel\Plan\Judge\SightJudge;
use NorthSatchel\Plan\Judge\WantsJudge;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\TriedRemedies;
use NorthSatchel\Plan\Welfare;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Verdicts;

/** Plan: the timed day, or several. */
final class PlanDesk
{
    /** @var \WeakMap<Job, array<int, PlannedDay>> of a job as it was opened, or as it is tried */
    private \WeakMap $days;

    public function __construct(private readonly ShotJudgement $shots, private readonly JobsBeside $beside, private readonly WaysDesk $ways)
    {
        $this->days = new \WeakMap();
    }

    public function day(Job $job, int $day = 0): PlannedDay
    {
        $this->days[$job] ??= [];

        return $this->days[$job][$day] ??= $this->build($job, $day);
    }

    /** @param  (\Closure(PlannedDay, int): Verdicts)|null  $elsewhere  what others say of a day that is planned otherwise */
    public function verdicts(Job $job, ?\Closure $elsewhere = null): Verdicts
    {
        $count = JobDay::count($job);
        $days = array_map(fn (int $day): PlannedDay => $this->day($job, $day), range(0, $count - 1));
        $headed = static fn (Verdicts $of, int $day): Verdicts => $count === 1 ? $of : $of->headed('Day '.($day + 1).': ');
        $all = NightJudge::of($days)
            ->with($this->triedShots($job, $days, $elsewhere))
            ->with(BriefedPlan::verdicts($job))
            ->with($this->beside->verdicts($job));
        foreach ($days as $number => $day) {
            $judge = fn (PlannedDay $tried): Verdicts => $this->foundOn($job, $tried, $number);
            $others = $elsewhere === null ? null : static fn (PlannedDay $tried): Verdicts => $elsewhere($tried, $number);
            $all = $all->with($headed(TriedRemedies::of($day, $judge($day), $judge, $others), $number));
        }
        // That it holds is said only where nothing on the page says otherwise.
        foreach ($all->open() === 0 ? $days : [] as $number => $day) {
            $all = $all->with($headed(PlanJudge::concluded($day, new Verdicts()), $number));
        }

        return $all;
    }

    /**
     * What is offered for a shot is tried like the rest.
     *
     * @param  list<PlannedDay>  $days
     * @param  (\Closure(PlannedDay, int): Verdicts)|null  $elsewhere
     */
    private function triedShots(Job $job, array $days, ?\Closure $elsewhere): Verdicts
    {
        $found = $this->shots->verdicts($job, $days);
        foreach ($days as $number => $day) {
            $found = TriedRemedies::of(
                $day,
                $found,
                fn (PlannedDay $tried): Verdicts => $this->foundOn($job, $tried, $number),
                $elsewhere === null ? null : static fn (PlannedDay $tried): Verdicts => $elsewhere($tried, $number),
                new Setting($job->place_id, $job->place->name),
            );
        }

        return $found;
    }

    /** What the brief, the shots, the nights and the other jobs of those days say of a job with that day in it. */
    public function aroundOn(Job $tried, PlannedDay $day, int $number): Verdicts
    {
        $days = array_map(
            fn (int $n): PlannedDay => $n === $number ? $day : $this->day($tried, $n),
            range(0, JobDay::count($tried) - 1),
        );

        return NightJudge::of($days)
            ->with($this->shots->verdicts($tried, $days))
            ->with(new Verdicts(BriefedPlan::namedHours($tried)))
            ->with($this->beside->verdicts($tried));
    }

    /** All that is to be said of one day, as planned or otherwise. */
    public function verdictsOf(Job $job, PlannedDay $day, int $number): Verdicts
    {
        return PlanJudge::concluded($day, $this->foundOn($job, $day, $number));
    }

    private function foundOn(Job $job, PlannedDay $day, int $number): Verdicts
    {
        return PlanJudge::of($day)
            ->with(new Verdicts(BriefedPlan::hours($job, $day)))
            ->with(ChainJudge::of($day))
            ->with(WantsJudge::of($day))
            ->with(PeopleJudge::of($day))
            ->with(SightJudge::of($day, self::separations($job)))
            ->with(AccessJudge::of($day, PassReader::windows($job, $number)))
            ->with(Welfare::of($day));
    }

    public function ruler(Job $job, int $day = 0, ?PlannedDay $planned = null): DayRuler
    {
        $planned ??= $this->day($job, $day);

        return DayRuler::of(
            $planned,
            JobDay::pointOf($job->place),
            $planned->day->instantOf(ClockTime::of($job->covered_from)),
            $planned->day->instantOf(ClockTime::of($job->covered_to)),
        );
    }

    /** @return list<PlanRow> a day as a list: segments in the order of time, each shot with the time its segment gives it */
    public function list(Job $job, int $number = 0): array
    {
        $day = JobDay::of($job, $number);
        $passes = DayPasses::of($this->day($job, $number));
        $leave = $passes->leaveAt();
        $latest = $passes->leaveBy();
        $done = OwedShots::done($job);
        $rows = [];
        foreach ($job->segments->where('day', $number)->sortBy([['start_clock', 'asc'], ['lane', 'asc'], ['id', 'asc']]) as $segment) {
            $start = $day->instantOf(ClockTime::of($segment->start_clock));
            $shots = [];
            $times = ShotDesk::times($job, $segment, $day, $done);
            foreach ($segment->shotLines->values() as $i => $line) {
                $shots[] = new PlannedLine($line, $times[$i], in_array($line->id, $done, true));
            }
            $rows[] = new PlanRow(
                segment: $segment,
                from: $day->face($start),
                to: $day->face($start + $segment->minutes * 60),
                slack: $segment->is_anchor ? null : $passes->slack($segment->id),
                leaveAt: isset($leave[$segment->id]) ? $day->face($leave[$segment->id]) : null,
                leaveBy: isset($latest[$segment->id]) ? $day->face($latest[$segment->id]) : null,
                shots: $shots,
                kind: $job->kind,
            );
        }

        return $rows;
    }

    /** @return list<Audience> who has something to read: a photographer with a lane, the coordinator, the client */
    public function sheetsOf(Job $job): array
    {
        $lanes = $job->segments
            ->flatMap(static fn (StoredSegment $s): array => $s->lanes())
            ->push(Lane::Lead->value)
            ->unique();

        return array_values(
            array_filter(Audience::cases(), static fn (Audience $a): bool => ! $a->isPhotographer() || $lanes->contains($a->value)),
        );
    }

    /** @return list<Separation> those whose meeting is still planned, or that hold all day */
    private static function separations(Job $job): array
    {
        $isStanding = static fn (array $s): bool => $s['until'] === null || $job->segments->contains('id', $s['until']);
        $standing = array_filter($job->separations ?? [], $isStanding);

        return array_values(
            array_map(static fn (array $s): Separation => new Separation($s['first'], $s['second'], $s['until']), $standing),
        );
    }

    private function build(Job $job, int $number): PlannedDay
    {
        $day = JobDay::of($job, $number);
        $done = OwedShots::done($job);
        $namesSpots = $job->accessWindows->contains(static fn (AccessWindow $w): bool => $w->spot_id !== null);
        $segments = [];
        $points = [];
        foreach ($job->segments->where('day', $number) as $stored) {
            $place = $stored->place;
            if ($place !== null && ($point = JobDay::pointOf($place)) !== null) {
                $points[$place->id] = $point;
            }
            $segments[] = SegmentReader::read($stored, $day, $job->kind, $done, $namesSpots, ! BriefedPlan::forbidsFlash($job, $stored));
        }
        $point = JobDay::pointOf($job->place);
        $sun = $point === null ? null : SunDay::of($point, $day);

        return new PlannedDay($day, $segments, $this->ways->travels(), $points, $sun, new Gates(PassReader::windows($job, $number)));
    }
}
