<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Desks\Brief\KeptFindings;
use App\Models\Brief\Job;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DaysCompared;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Replan\How;
use NorthSatchel\Plan\WhatIf\DayRehearsal;
use NorthSatchel\Plan\WhatIf\DelayJudge;
use NorthSatchel\Plan\WhatIf\LateDay;
use NorthSatchel\Plan\WhatIf\LateLane;
use NorthSatchel\Plan\WhatIf\Weather;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdicts;

/** What if we run late? The best re-plan, applied on one press and undone on another; and the day rehearsed. */
final class WhatIfDesk
{
    public function __construct(private readonly PlanDesk $plan, private readonly PlanWork $work, private readonly SpotLightDesk $light,
        private readonly DelayedCover $cover, private readonly WholeDay $whole) {}

    /** Null when no such segment is planned. */
    public function late(Job $job, int $segmentId, int $minutes, bool $isLeastChange = false): ?LateDay
    {
        $day = (int) $job->segments->firstWhere('id', $segmentId)?->day;
        try {
            return new LateDay($this->plan->day($job, $day), $segmentId, $minutes, $isLeastChange);
        } catch (ImpossibleValue) {
            return null;
        }
    }

    /** Everything outdoors of a day later by so many minutes. */
    public function delayed(Job $job, int $day, int $minutes): PlannedDay
    {
        return Weather::delay($this->plan->day($job, $day), $minutes);
    }

    /** What hours of rain give and take, and who stands elsewhere then. */
    public function ofDelay(Job $job, int $number, PlannedDay $delayed, int $minutes): Verdicts
    {
        return DelayJudge::of($this->plan->day($job, $number), $delayed, JobDay::pointOf($job->place))
            ->with($this->cover->of($job, $number, $minutes));
    }

    /** All that is to be said of that day, from the light to the ways. */
    public function verdictsOn(Job $job, int $number, PlannedDay $day): Verdicts
    {
        return $this->plan->verdictsOf($job, $day, $number)->with($this->light->verdictsOn($job, $day));
    }

    /** Makes the delay the plan; nothing is changed when a segment would leave the day. */
    public function applyDelay(Job $job, int $day, int $minutes): PlanChange
    {
        return DB::transaction(function () use ($job, $day, $minutes): PlanChange {
            $change = PlanHistory::keep($job->id, 'everything outdoors '.Span::later($minutes), PlanHistory::now($job->id));
            foreach ($job->segments->where('is_outdoor', true)->where('day', $day) as $segment) {
                $this->work->shift($job, $segment, $minutes);
            }

            return $change;
        });
    }

    /** One lane lived through; kept for as long as the plan stays the same. */
    public function rehearsal(Job $job, int $number, string $lane): LivedLane
    {
        return KeptFindings::besideTaps($job, "lived-{$number}-{$lane}", function () use ($job, $number, $lane): LivedLane {
            $day = $this->plan->day($job, $number);
            $rehearsal = new DayRehearsal($day, $lane);
            // Tried before it is offered: it makes no stop, and nothing more that has to be mended, whoever judges it.
            $now = $this->whole->verdictsOn($job, $day, $number);

            return new LivedLane($rehearsal->rows(), $rehearsal->bestBuffer(function (PlannedDay $tried) use ($job, $number, $now): bool {
                $then = $this->whole->verdictsOn($job, $tried, $number);

                return $then->open() <= $now->open() && ! (new DaysCompared($now, $then))->isStopped();
            }));
        });
    }

    /** The last change that can still be undone. */
    public function lastChange(Job $job): ?PlanChange
    {
        return PlanChange::query()->where('job_id', $job->id)->whereNull('undone_at')->orderBy('id', 'desc')->first();
    }

    /**
     * Makes the re-plan the plan; what is moved hands its shots to where it moves.
     *
     * @throws ValidationException when there is nothing to apply
     */
    public function apply(Job $job, LateDay $late): PlanChange
    {
        if (! $late->isFeasible()) {
            throw ValidationException::withMessages([
                'refused' => 'There is no plan that keeps every must and every anchor; nothing was changed.',
            ]);
        }

        return DB::transaction(static function () use ($job, $late): PlanChange {
            $segments = Segment::query()->where('job_id', $job->id)->with('shotLines')->get()->keyBy('id');
            $change = PlanHistory::keep($job->id, Span::hours($late->lateMinutes).' late', PlanHistory::now($job->id));
            foreach ($late->choices() as $id => $choice) {
                $segment = $segments->get($id);
                if ($segment === null) {
                    continue;
                }
                if ($choice->start !== null && $choice->end !== null) {
                    // Minutes as they pass: where the clocks change that night they are not those of the clock.
                    $day = JobDay::of($job, $segment->day);
                    $segment->update([
                        'start_clock' => $day->clockOf($day->startsAt() + 60 * $choice->start)->text(),
                        'minutes' => max(1, $choice->end - $choice->start),
                    ]);

                    continue;
                }
                if ($choice->how === How::Moved) {
                    foreach ($segment->shotLines as $line) {
                        $line->update(['segment_id' => LateLane::pocketOf($choice), 'position' => 1000 + $line->position]);
                    }
                }
                $segment->delete();
            }

            return $change;
        });
    }
}
