<?php

declare(strict_types=1);

namespace App\Desks\House;

use App\Desks\Kit\KitAgainstPlan;
use App\Desks\People\PeopleDesk;
use App\Desks\Plan\CoverDesk;
use App\Desks\Plan\ElementsDesk;
use App\Desks\Plan\PlanDesk;
use App\Desks\Plan\SendingDesk;
use App\Desks\Plan\SpotLightDesk;
use App\Desks\Plan\WholeDay;
use App\Models\Brief\Job;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\TriedRemedies;
use NorthSatchel\Verdicts;

/** What one phase offers is tried on the others: a move that mends the plan may put people in the dark, or from their post. */
final readonly class TriedDay implements WholeDay
{
    /** @var \WeakMap<PlannedDay, Verdicts> of a day as it is planned, which is asked for each phase */
    private \WeakMap $stored;

    public function __construct(
        private PlanDesk $plan,
        private SpotLightDesk $light,
        private CoverDesk $cover,
        private PeopleDesk $people,
        private KitAgainstPlan $kit,
        private SendingDesk $sending,
        private ElementsDesk $elements,
    ) {
        $this->stored = new \WeakMap();
    }

    public function verdictsOn(Job $job, PlannedDay $day, int $number): Verdicts
    {
        return $this->plan->verdictsOf($job, $day, $number)->with($this->light->verdictsOn($job, $day))->with($this->besides($job, $day, $number));
    }

    public function ofPlan(Job $job): Verdicts
    {
        return $this->plan->verdicts(
            $job,
            fn (PlannedDay $tried, int $number): Verdicts => $this->light->verdictsOn($job, $tried)->with($this->besides($job, $tried, $number)),
        );
    }

    public function ofLight(Job $job): Verdicts
    {
        return $this->light->verdicts($job, fn (PlannedDay $tried, int $number): Verdicts => $this->besides($job, $tried, $number));
    }

    /** The groups are called in one segment, on one day. */
    public function ofPeople(Job $job): Verdicts
    {
        $number = (int) $job->segments->firstWhere('id', $job->formals_segment_id)?->day;

        return TriedRemedies::of(
            $this->plan->day($job, $number),
            $this->people->verdicts($job),
            fn (PlannedDay $tried): Verdicts => $this->people->verdictsOn($job, $tried),
            fn (PlannedDay $tried): Verdicts => $this->plan->verdictsOf($job, $tried, $number)
                ->with($this->light->verdictsOn($job, $tried))
                ->with($this->cover->verdicts($job, $tried))
                ->with($this->stored($job, $tried, $number)),
        );
    }

    /** The posts, the groups, and those who read the plan as it is stored. */
    private function besides(Job $job, PlannedDay $tried, int $number): Verdicts
    {
        return $this->cover->verdicts($job, $tried)->with($this->people->verdictsOn($job, $tried))->with($this->stored($job, $tried, $number));
    }

    /** The brief, the shots, the kit, what is sent between two segments, and the elements that are laid around the rests. */
    private function stored(Job $job, PlannedDay $day, int $number): Verdicts
    {
        return $this->stored[$day] ??= $this->storedOf($job, $day, $number);
    }

    private function storedOf(Job $job, PlannedDay $day, int $number): Verdicts
    {
        $tried = TriedJob::of($job, $day, $number);

        return $this->plan->aroundOn($tried, $day, $number)
            ->with($this->kit->verdictsOn($tried))
            ->with($this->sending->verdicts($tried))
            ->with($this->elements->verdicts($tried));
    }
}
