<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\BriefDesk;
use App\Desks\Brief\PeopleKeeper;
use App\Desks\Taps\TapDesk;
use App\Models\Brief\Job;
use App\Models\People\FormalGroup;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Brief\NamedLine;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\CallState;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\School;

/** What is done to the family and its groups: typed, made by rule, put in order, split and merged. */
final class GroupDesk
{
    public function __construct(private readonly PeopleDesk $people, private readonly TapDesk $taps) {}

    /**
     * All lines of the family at once.
     *
     * @return list<int> ids of those who went
     *
     * @throws ValidationException naming what does not fit; nothing is changed then
     */
    public function saveFamily(Job $job, string $text): array
    {
        $people = BriefDesk::people($text);
        try {
            new Family(
                FamilyText::read(array_map(static fn (NamedLine $p): FamilyLine => new FamilyLine($p->name, (string) $p->role), $people)),
            );
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['people' => ucfirst("people {$e->must}.")]);
        }

        $job->update(['restrictions' => PeopleKeeper::withSentences($job->restrictions, $text)]);

        return PeopleKeeper::keep($job, $people);
    }

    /**
     * Those that are there stay as they are; one of the same title that was not taken yet gains who came into the family after it was
     * made: whom somebody took out of it stays out.
     */
    public function addByRule(Job $job): RuleGroups
    {
        $there = $this->people->groups($job);
        $have = $there->map(static fn (FormalGroup $g): array => collect($g->people)->sort()->values()->all())->all();
        $cameAt = $job->people->pluck('created_at', 'name');
        $added = $grown = 0;
        $open = $there->whereNotIn('id', (new CallState($this->taps->log($job->id)))->shot);
        foreach (GroupRules::of($this->people->family($job)) as $group) {
            if (in_array(collect($group->people)->sort()->values()->all(), $have, true)) {
                continue;
            }
            $smaller = $open->first(static fn (FormalGroup $g): bool => RuleGroups::mayGrow($g, $group, $cameAt));
            $this->add($job, $group->title, $group->people, $smaller->priority ?? $group->priority->value, $smaller, $smaller?->after_id);
            [$added, $grown] = [$added + (int) ($smaller === null), $grown + (int) ($smaller !== null)];
        }

        return new RuleGroups($added, $grown);
    }

    /**
     * @param  list<string>  $people  names
     * @param  int|null  $afterId  the group that must come before it
     *
     * @throws ValidationException for nobody, a name that is not there, two who must not be in one frame, or a circle of groups
     */
    public function add(
        Job $job,
        string $title,
        array $people,
        string $priority,
        ?FormalGroup $group = null,
        ?int $afterId = null,
    ): FormalGroup {
        $family = $this->people->family($job);
        $names = GroupNames::of($family, $people);
        if ($names === []) {
            throw ValidationException::withMessages(['people' => 'Name at least one.']);
        }
        foreach ($family->apart() as $pair) {
            if (array_diff($pair, $names) === []) {
                throw ValidationException::withMessages(['people' => "{$pair[0]} and {$pair[1]} are never to be in one frame."]);
            }
        }
        $this->refuseCircle($job, $group, $afterId);
        $group ??= new FormalGroup([
            'job_id' => $job->id,
            'position' => 1 + (int) FormalGroup::query()->where('job_id', $job->id)->max('position'),
        ]);
        $group
            ->fill(['title' => $title, 'people' => array_values(array_unique($names)), 'priority' => $priority, 'after_id' => $afterId])
            ->save();
        $this->people->forget($job);

        return $group;
    }

    /** @throws ValidationException when the one that must come before would itself have to come after */
    private function refuseCircle(Job $job, ?FormalGroup $group, ?int $afterId): void
    {
        $all = $this->people->groups($job)->keyBy('id');
        $chain = [];
        for ($at = $afterId; $at !== null && ! isset($chain[$at]); $at = $all->get($at)?->after_id) {
            $chain[$at] = true;
        }
        if ($group !== null && isset($chain[$group->id])) {
            throw ValidationException::withMessages(['after' => 'That one is itself to come after “'.$group->title.'”.']);
        }
    }

    /** Puts the groups in the order of a school. */
    public function takeOrder(Job $job, School $school): void
    {
        $groups = $this->people->order($job);
        $stored = $this->people->groups($job);
        $ordered = $this->people->stand($job, $this->people->family($job), $school)->order;
        $ids = array_map(static fn (FamilyGroup $g): int => $stored[(int) array_search($g, $groups, false)]->id, $ordered);
        $pinned = $stored->filter(static fn (FormalGroup $g): bool => $g->is_pinned)->map(static fn (FormalGroup $g): int => $g->id)->all();
        $free = array_values(array_diff($ids, $pinned));
        // Who is pinned keeps the place; the others fill the rest in their order.
        foreach ($pinned as $index => $id) {
            array_splice($free, $index, 0, [$id]);
        }
        $this->put($free);
    }

    /**
     * The groups still to shoot in another order, those that are shot before them.
     *
     * @param  list<int>  $left  ids
     */
    public function goOnWith(Job $job, array $left): void
    {
        $shot = array_values(array_diff($this->people->groups($job)->pluck('id')->all(), $left));
        $this->put([...$shot, ...$left]);
    }

    /** Puts a group before another, or at the end. */
    public function place(FormalGroup $group, ?int $beforeId): void
    {
        $ids = FormalGroup::query()
            ->where('job_id', $group->job_id)
            ->whereKeyNot($group->id)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('id')
            ->all();
        $at = $beforeId === null ? false : array_search($beforeId, $ids, true);
        array_splice($ids, $at === false ? count($ids) : $at, 0, [$group->id]);
        $this->put($ids);
    }

    /** One group of two: the second is taken off the list. Refused, whole, when two who must not meet would be in it. */
    public function merge(Job $job, FormalGroup $group, FormalGroup $next): void
    {
        DB::transaction(function () use ($job, $group, $next): void {
            $this->add(
                $job,
                mb_substr("{$group->title}; {$next->title}", 0, 120),
                [...$group->people, ...$next->people],
                $group->priority === 'must' ? 'must' : $next->priority,
                $group,
                $group->after_id === $next->id ? null : $group->after_id,
            );
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
        $family = $this->people->family($job);
        $second = array_values(
            array_intersect($group->people, array_map(static fn (string $n): string => $family->person($n)->name ?? $n, $names)),
        );
        $first = array_values(array_diff($group->people, $second));
        if ($first === [] || $second === []) {
            throw ValidationException::withMessages(['names' => 'Name some of the group, not all of it.']);
        }
        DB::transaction(function () use ($job, $group, $first, $second): void {
            $title = $group->title;
            $this->add($job, mb_substr("{$title}, one", 0, 120), $first, $group->priority, $group, $group->after_id);
            $other = $this->add($job, mb_substr("{$title}, other", 0, 120), $second, $group->priority, null, $group->after_id);
            $after = FormalGroup::query()
                ->where('job_id', $job->id)
                ->where('position', '>', $group->position)
                ->whereKeyNot($other->id)
                ->orderBy('position')
                ->value('id');
            $this->place($other, $after === null ? null : (int) $after);
        });
    }

    /** A group that the couple has just called comes first of all that are not shot. */
    public function callFirst(FormalGroup $group): void
    {
        $ids = FormalGroup::query()
            ->where('job_id', $group->job_id)
            ->whereKeyNot($group->id)
            ->orderBy('position')
            ->orderBy('id')
            ->pluck('id')
            ->all();
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
                FormalGroup::query()
                    ->whereKey($id)
                    ->update(['position' => $index + 1]);
            }
        });
    }
}
