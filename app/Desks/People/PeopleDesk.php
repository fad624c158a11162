<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\JobDay;
use App\Desks\Plan\PlanDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\Plan\Segment;
use Illuminate\Support\Collection;
use NorthSatchel\Brief\BriefText;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\CallSolution;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsSegment;
use NorthSatchel\People\FormalsTiming;
use NorthSatchel\People\Leaving;
use NorthSatchel\People\SaidApart;
use NorthSatchel\People\School;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\TimingChoice;
use NorthSatchel\People\WhoIsWhere;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Site;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** People: the family, its groups, and the order in which they are called. */
final class PeopleDesk
{
    /** @var array<int, Collection<int, FormalGroup>> by job, for this request */
    private array $groups = [];

    /** @var array<string, Family> by the lines that it was read from, for this request */
    private array $families = [];

    public function __construct(
        private readonly PlanDesk $plan,
        private readonly CallOrderDesk $orders,
    ) {}

    /** @return Collection<int, FormalGroup> in the order in which they are called */
    public function groups(Job $job): Collection
    {
        return $this->groups[$job->id] ??= ($job->relationLoaded('formalGroups')
            ? $job->formalGroups
            : $job->formalGroups()->get()
        )->values();
    }

    /** After a change: the groups are read anew. */
    public function forget(Job $job): void
    {
        unset($this->groups[$job->id]);
    }

    /**
     * @param  FormalsSegment|null  $during  instead of the planned one
     *
     * @throws ImpossibleValue when the lines do not make a family
     */
    public function family(Job $job, ?FormalsSegment $during = null): Family
    {
        $job->loadMissing('people');

        $lines = array_values($job->people->map(static fn (Person $p): FamilyLine => new FamilyLine($p->name, (string) $p->role))->all());
        $family = $this->families[serialize($lines)] ??= new Family(FamilyText::read($lines));
        $segment = $during ?? $this->segment($job);
        if ($segment === null) {
            return $family;
        }
        $stand = new StandTime($this->order($job), $family, (bool) ($job->getAttributes()['formals_gathered'] ?? false));

        return $family->hurrying(Leaving::early($family, $segment, JobDay::of($job), $stand->totalMinutes));
    }

    public function verdicts(Job $job): Verdicts
    {
        $job->loadMissing('people');
        if ($job->people->isEmpty() && $this->groups($job)->isEmpty() && ! $job->kind->hasFamily()) {
            return new Verdicts();
        }
        if ($job->people->isEmpty() && $this->groups($job)->isEmpty()) {
            return new Verdicts([
                Verdict::mind(
                    'people.nobody',
                    'Nobody is named yet.',
                    'Enter the family once, a line a person; the list of groups follows from it.',
                ),
            ]);
        }
        try {
            $family = $this->family($job);
        } catch (ImpossibleValue $e) {
            return new Verdicts([Verdict::stop('people.unreadable', 'The family cannot be read.', ucfirst("people {$e->must}."))]);
        }
        if (! $job->kind->hasFamily() && $family->couple() === [] && $this->groups($job)->isEmpty()) {
            return new Verdicts(WhoIsWhere::unclear($family));
        }
        // Before any list of groups is made by them.
        $apart = SaidApart::of($family, [...BriefText::apart($job->restrictions), ...BriefText::apart($job->must_haves)]);
        $asked = new Verdicts([...$apart, ...WhoIsWhere::whose($family)]);
        $order = $this->order($job);
        $best = $order === [] ? null : $this->stand($job, $family, School::LeastWaiting);

        return $asked->with(FormalsJudge::of(
            $family,
            new StandTime($order, $family, $job->formals_gathered),
            $best,
            $this->segment($job),
            JobDay::of($job),
            $this->likely($job),
        ));
    }

    /** Of the groups on a day that is planned otherwise, in the order they have: no other is searched for it. */
    public function verdictsOn(Job $job, PlannedDay $day): Verdicts
    {
        $during = null;
        foreach ($day->segments as $s) {
            $during = $s->id === $job->formals_segment_id
                ? new FormalsSegment(id: $s->id, title: $s->title, startsAt: $s->startsAt, minutes: $s->minutes, isAnchor: $s->isAnchor)
                : $during;
        }
        if ($during === null || $this->groups($job)->isEmpty()) {
            return new Verdicts();
        }
        try {
            $family = $this->family($job, $during);

            return FormalsJudge::of($family, new StandTime($this->order($job), $family, $job->formals_gathered), null, $during, $day->day);
        } catch (ImpossibleValue) {
            return new Verdicts();
        }
    }

    private function likely(Job $job): ?FormalsSegment
    {
        $named = static fn (string $words): ?Segment => $job->segments->first(
            static fn (Segment $s): bool => ! $s->is_break && preg_match("/\\b(?:{$words})/iu", $s->title) === 1,
        );
        // “Closest family” before the day is less than “Family groups” in it.
        $segment = $named('group|formal') ?? $named('famil');

        return $segment === null ? null : self::asFormals($segment, $job);
    }

    /** The groups in the order of a school. */
    public function stand(Job $job, Family $family, School $school): StandTime
    {
        return new StandTime($this->solution($job, $family, $school)->order, $family, $job->formals_gathered);
    }

    public function solution(Job $job, Family $family, School $school): CallSolution
    {
        return $this->orders->solution($job, $this->order($job), $family, $school);
    }

    public function isProving(Job $job, Family $family): bool
    {
        return $this->orders->isProving($job, $this->order($job), $family);
    }

    /**
     * The three times at which groups are taken, against the plan.
     *
     * @return list<TimingChoice>
     */
    public function timing(Job $job, Family $family): array
    {
        $segment = $job->segments->firstWhere('id', $job->formals_segment_id);
        $anchors =
            $segment === null
                ? collect()
                : $job->segments
                    ->where('day', $segment->day)
                    ->where('lane', $segment->lane)
                    ->where('is_anchor', true)
                    ->sortBy('start_clock')
                    ->values();
        $before = $anchors->last(static fn (Segment $s): bool => $s->start_clock <= ($segment->start_clock ?? ''));
        $after = $anchors->first(static fn (Segment $s): bool => $s->start_clock > ($segment->start_clock ?? ''));
        $day = $this->plan->day($job, $segment->day ?? 0);
        $site = static fn (?Segment $stored): ?Site => ($s = $day->segment($stored->id ?? 0)) === null ? null : $day->siteOf($s);
        $way = static fn (?Segment $from, ?Segment $to): int => $day->likelyWay($site($from), $site($to));
        $gap =
            $before === null || $after === null
                ? null
                : ClockTime::of($after->start_clock)->minutes -
                    ClockTime::of($before->start_clock)->minutes -
                    $before->minutes -
                    $way($before, $after);
        $first = $job->segments->sortBy('start_clock')->first();

        return FormalsTiming::of($this->order($job), $family, $way($first, $before), $gap, $job->formals_gathered);
    }

    /** @return list<FamilyGroup> as they are called */
    public function order(Job $job): array
    {
        return array_values($this->named($job));
    }

    /** @return array<int, FamilyGroup> the same, by id */
    public function named(Job $job): array
    {
        $groups = $this->groups($job)->keyBy('id');

        return $groups
            ->map(
                static fn (FormalGroup $g): FamilyGroup => new FamilyGroup(
                    $g->title,
                    $g->people,
                    Priority::from($g->priority),
                    $groups->get($g->after_id)?->title,
                ),
            )
            ->all();
    }

    public function segment(Job $job): ?FormalsSegment
    {
        $segment = $job->segments->firstWhere('id', $job->formals_segment_id);

        return $segment === null ? null : self::asFormals($segment, $job);
    }

    private static function asFormals(Segment $segment, Job $job): FormalsSegment
    {
        return new FormalsSegment(
            id: $segment->id,
            title: $segment->title,
            minutes: $segment->minutes,
            isAnchor: $segment->is_anchor,
            startsAt: JobDay::of($job, $segment->day)->instantOf(ClockTime::of($segment->start_clock)),
        );
    }
}
