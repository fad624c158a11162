<?php

declare(strict_types=1);

namespace App\Desks;

use App\Models\FormalGroup;
use App\Models\Job;
use App\Models\Person;
use App\Models\Segment;
use App\Models\Spot;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsTiming;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\School;
use NorthSatchel\People\StandTime;
use NorthSatchel\Plan\ClockTime;
use NorthSatchel\Plan\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** People: the family, its groups, and the order in which they are called. */
final class PeopleDesk
{
    /** Full-format focal lengths tried where no others are named. */
    public const LENSES = [85, 70, 50, 35, 24];

    private const KEPT_S = 7 * 86400;

    /** @var array<int, Collection<int, FormalGroup>> by job, for this request */
    private array $groups = [];

    public function __construct(private readonly PlanDesk $plan) {}

    /** @return Collection<int, FormalGroup> in the order in which they are called */
    public function groups(Job $job): Collection
    {
        return $this->groups[$job->id] ??= FormalGroup::query()->where('job_id', $job->id)->orderBy('position')->orderBy('id')->get()->values();
    }

    /** @throws ImpossibleValue when the lines do not make a family */
    public function family(Job $job): Family
    {
        $job->loadMissing('people');

        return new Family(FamilyText::read(array_values($job->people->map(static fn (Person $p): array => ['name' => $p->name, 'text' => (string) $p->role])->all())));
    }

    public function verdicts(Job $job): Verdicts
    {
        $job->loadMissing('people');
        if ($job->people->isEmpty() && $this->groups($job)->isEmpty()) {
            return new Verdicts([Verdict::mind('people.nobody', 'Nobody is named yet.', 'Enter the family once, a line a person; the list of groups follows from it.')]);
        }
        try {
            $family = $this->family($job);
        } catch (ImpossibleValue $e) {
            return new Verdicts([Verdict::stop('people.unreadable', 'The family cannot be read.', ucfirst("people {$e->must}."))]);
        }
        $order = $this->order($job);
        $best = $order === [] ? null : $this->stand($job, $family, School::LeastWaiting);

        return FormalsJudge::of($family, new StandTime($order, $family, $job->formals_gathered), $best, $this->segment($job), PlanDesk::localDay($job));
    }

    /** The groups in the order of a school; kept for as long as the groups stay the same. */
    public function stand(Job $job, Family $family, School $school): StandTime
    {
        $groups = $this->order($job);
        $key = 'calling-'.hash('xxh128', serialize([$school->value, $groups, $family->people(), $job->formals_gathered]));
        /** @var list<int> $order */
        $order = Cache::remember($key, self::KEPT_S, static function () use ($school, $groups, $family, $job): array {
            $ordered = CallOrders::by($school, $groups, $family, $job->formals_gathered);

            return array_map(static fn (FamilyGroup $g): int => (int) array_search($g, $groups, true), $ordered);
        });

        return new StandTime(array_map(static fn (int $i): FamilyGroup => $groups[$i], $order), $family, $job->formals_gathered);
    }

    /**
     * The three times at which groups are taken, against the plan.
     *
     * @return list<array{school: string, before: int, after: int, early: int, gained: int, free: int|null}>
     */
    public function timing(Job $job, Family $family): array
    {
        $segment = $job->segments->firstWhere('id', $job->formals_segment_id);
        $anchors = $segment === null ? collect() : $job->segments->where('day', $segment->day)->where('lane', $segment->lane)->where('is_anchor', true)->sortBy('start_clock')->values();
        $before = $anchors->last(static fn (Segment $s): bool => $s->start_clock <= ($segment->start_clock ?? ''));
        $after = $anchors->first(static fn (Segment $s): bool => $s->start_clock > ($segment->start_clock ?? ''));
        $way = static fn (?Segment $from, ?Segment $to, PlanDesk $plan): int => $from?->place_id === null || $to?->place_id === null || $from->place_id === $to->place_id ? 0 : $plan->day($job)->likelyWay($from->place_id, $to->place_id);
        $gap = $before === null || $after === null ? null
            : ClockTime::of($after->start_clock)->minutes - ClockTime::of($before->start_clock)->minutes - $before->minutes - $way($before, $after, $this->plan);
        $first = $job->segments->sortBy('start_clock')->first();

        return FormalsTiming::of($this->order($job), $family, $way($first, $before, $this->plan), $gap);
    }

    /** @return list<FamilyGroup> as they are called */
    public function order(Job $job): array
    {
        return array_values($this->groups($job)->map(static fn (FormalGroup $g): FamilyGroup => new FamilyGroup($g->title, $g->people, Priority::from($g->priority)))->all());
    }

    /** @return array{id: int, title: string, startsAt: int, minutes: int, isAnchor: bool}|null */
    public function segment(Job $job): ?array
    {
        $segment = $job->segments->firstWhere('id', $job->formals_segment_id);

        return $segment === null ? null : ['id' => $segment->id, 'title' => $segment->title, 'minutes' => $segment->minutes, 'isAnchor' => $segment->is_anchor,
            'startsAt' => PlanDesk::localDay($job, $segment->day)->instantOf(ClockTime::of($segment->start_clock))];
    }

    /**
     * All lines of the family at once.
     *
     * @throws ValidationException naming what does not fit; nothing is changed then
     */
    public function saveFamily(Job $job, string $text): void
    {
        $people = BriefDesk::people($text);
        try {
            new Family(FamilyText::read(array_map(static fn (array $p): array => ['name' => $p['name'], 'text' => (string) $p['role']], $people)));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['people' => ucfirst("people {$e->must}.")]);
        }
        DB::transaction(static function () use ($job, $people): void {
            $job->people()->delete();
            $job->people()->createMany($people);
        });
    }

    /** @return int how many groups were added; those that are there already stay as they are */
    public function addByRule(Job $job): int
    {
        $have = $this->groups($job)->map(static fn (FormalGroup $g): array => collect($g->people)->sort()->values()->all())->all();
        $added = 0;
        foreach (GroupRules::of($this->family($job)) as $group) {
            if (! in_array(collect($group->people)->sort()->values()->all(), $have, true)) {
                $this->add($job, $group->title, $group->people, $group->priority->value);
                $added++;
            }
        }

        return $added;
    }

    /**
     * @param  list<string>  $people  names
     *
     * @throws ValidationException for nobody, a name that is not there, or two who must not be in one frame
     */
    public function add(Job $job, string $title, array $people, string $priority, ?FormalGroup $group = null): FormalGroup
    {
        $family = $this->family($job);
        $names = [];
        foreach ($people as $name) {
            $names[] = $family->person($name)->name ?? throw ValidationException::withMessages(['people' => "{$name} is not among the people of this job."]);
        }
        if ($names === []) {
            throw ValidationException::withMessages(['people' => 'Name at least one.']);
        }
        foreach ($family->apart() as $pair) {
            if (array_diff($pair, $names) === []) {
                throw ValidationException::withMessages(['people' => "{$pair[0]} and {$pair[1]} are never to be in one frame."]);
            }
        }
        $group ??= new FormalGroup(['job_id' => $job->id, 'position' => 1 + (int) FormalGroup::query()->where('job_id', $job->id)->max('position')]);
        $group->fill(['title' => $title, 'people' => array_values(array_unique($names)), 'priority' => $priority])->save();
        unset($this->groups[$job->id]);

        return $group;
    }

    /**
     * A group at a spot.
     *
     * @param  non-empty-list<int>  $focals
     *
     * @throws ImpossibleValue when it cannot be placed so
     */
    public function setup(Job $job, FormalGroup $group, array $focals, ?float $roomM, float $ev, bool $isOnSteps, ?int $rows): GroupSetup
    {
        $family = $this->family($job);
        $people = array_values(array_filter(array_map($family->person(...), $group->people)));

        return GroupSetup::best($people, $focals, $roomM, $ev, isOnSteps: $isOnSteps, rowCount: $rows);
    }

    /**
     * The spot of the segment in which the groups are called.
     *
     * @param  Collection<int, Spot>  $spots
     */
    public function spotOf(Job $job, Collection $spots): ?Spot
    {
        return $spots->firstWhere('id', $job->segments->firstWhere('id', $job->formals_segment_id)?->spot_id);
    }

    /** Puts the groups in the order of a school. */
    public function takeOrder(Job $job, School $school): void
    {
        $groups = $this->order($job);
        $stored = $this->groups($job);
        $ordered = $this->stand($job, $this->family($job), $school)->order;
        $ids = array_map(static fn (FamilyGroup $g): int => $stored[(int) array_search($g, $groups, false)]->id, $ordered);
        $pinned = $stored->filter(static fn (FormalGroup $g): bool => $g->is_pinned)->map(static fn (FormalGroup $g): int => $g->id)->all();
        $free = array_values(array_diff($ids, $pinned));
        // Who is pinned keeps the place; the others fill the rest in their order.
        foreach ($pinned as $index => $id) {
            array_splice($free, $index, 0, [$id]);
        }
        $this->put($free);
    }

    /** Puts a group before another, or at the end. */
    public function place(FormalGroup $group, ?int $beforeId): void
    {
        $ids = FormalGroup::query()->where('job_id', $group->job_id)->whereKeyNot($group->id)->orderBy('position')->orderBy('id')->pluck('id')->all();
        $at = $beforeId === null ? false : array_search($beforeId, $ids, true);
        array_splice($ids, $at === false ? count($ids) : $at, 0, [$group->id]);
        $this->put($ids);
    }

    /** One group of two: the second is taken off the list. Refused, whole, when two who must not meet would be in it. */
    public function merge(Job $job, FormalGroup $group, FormalGroup $next): void
    {
        DB::transaction(function () use ($job, $group, $next): void {
            $this->add($job, mb_substr("{$group->title}; {$next->title}", 0, 120), [...$group->people, ...$next->people], $group->priority === 'must' ? 'must' : $next->priority, $group);
            $next->delete();
        });
    }

    /**
     * Two groups of one: those named go into the second.
     *
     * @param  list<string>  $names
     *
     * @throws ValidationException when nobody, or everybody, is named
     */
    public function split(Job $job, FormalGroup $group, array $names): void
    {
        $family = $this->family($job);
        $second = array_values(array_intersect($group->people, array_map(static fn (string $n): string => $family->person($n)->name ?? $n, $names)));
        $first = array_values(array_diff($group->people, $second));
        if ($first === [] || $second === []) {
            throw ValidationException::withMessages(['names' => 'Name some of the group, not all of it.']);
        }
        DB::transaction(function () use ($job, $group, $first, $second): void {
            $title = $group->title;
            $this->add($job, mb_substr("{$title}, one", 0, 120), $first, $group->priority, $group);
            $other = $this->add($job, mb_substr("{$title}, other", 0, 120), $second, $group->priority);
            $after = FormalGroup::query()->where('job_id', $job->id)->where('position', '>', $group->position)->whereKeyNot($other->id)->orderBy('position')->value('id');
            $this->place($other, $after === null ? null : (int) $after);
        });
    }

    /** A group that the couple has just called comes first of all that are not shot. */
    public function callFirst(FormalGroup $group): void
    {
        $ids = FormalGroup::query()->where('job_id', $group->job_id)->whereKeyNot($group->id)->orderBy('position')->orderBy('id')->pluck('id')->all();
        $this->put([$group->id, ...$ids]);
    }

    /** Swaps a group with its neighbour. */
    public function move(FormalGroup $group, bool $isUp): void
    {
        $ids = FormalGroup::query()->where('job_id', $group->job_id)->orderBy('position')->orderBy('id')->pluck('id')->all();
        $at = (int) array_search($group->id, $ids, true);
        $to = $isUp ? $at - 1 : $at + 1;
        if (isset($ids[$to])) {
            [$ids[$at], $ids[$to]] = [$ids[$to], $ids[$at]];
            $this->put($ids);
        }
    }

    /** @param  array<int>  $ids */
    private function put(array $ids): void
    {
        DB::transaction(static function () use ($ids): void {
            foreach (array_values($ids) as $index => $id) {
                FormalGroup::query()->whereKey($id)->update(['position' => $index + 1]);
            }
        });
    }
}
