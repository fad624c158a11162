<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use App\Models\People\FormalGroup;
use Illuminate\Support\Facades\DB;
use NorthSatchel\People\Attendance;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\GroupRules;
use NorthSatchel\People\GroupTitle;
use NorthSatchel\People\Relative;
use NorthSatchel\Time\Priority;

/** Who stands in the groups, after the list has changed. */
final class GroupMembersDesk
{
    public function __construct(private readonly PeopleDesk $people) {}

    /**
     * Names that are on no list, or of somebody who does not come, go out of the groups; a group that is then nobody but the two, or nobody,
     * goes too.
     */
    public function strike(Job $job): void
    {
        $family = $this->people->family($job);
        $this->regroup($job, static function (FormalGroup $group) use ($family): ?array {
            $left = array_values(array_filter(
                $group->people,
                static fn (string $name): bool => ! in_array($family->person($name)?->attendance, [null, Attendance::Absent], true),
            ));

            return $left === $group->people || array_diff($left, $family->couple()) !== [] ? $left : null;
        });
    }

    /** Who is on the list stands in “Everybody”. */
    public function fillEverybody(Job $job): void
    {
        $names = array_map(static fn (Relative $r): string => $r->name, $this->people->family($job)->guests());
        $this->regroup(
            $job,
            static fn (FormalGroup $g): array => mb_strtolower(trim($g->title)) === 'everybody'
                ? array_values(array_unique([...$g->people, ...$names]))
                : $g->people,
        );
    }

    /** Groups that hold both become two, one without each, or go without the one who is not of the couple. */
    public function part(Job $job, string $one, string $other): void
    {
        $family = $this->people->family($job);
        DB::transaction(function () use ($job, $family, $one, $other): void {
            $stored = $this->people->groups($job);
            foreach ($stored as $group) {
                if (array_diff([$one, $other], $group->people) !== []) {
                    continue;
                }
                $whole = new FamilyGroup($group->title, $group->people, Priority::from($group->priority));
                $isThere = fn (FamilyGroup $part): bool => $stored->contains(
                    static fn (FormalGroup $g): bool => array_diff($g->people, $part->people) === [] && array_diff($part->people, $g->people) === [],
                );
                $parts = array_values(array_filter(
                    GroupRules::apart($family, $whole, $one, $other),
                    static fn (FamilyGroup $part): bool => array_diff($part->people, $family->couple()) !== [] && ! $isThere($part),
                ));
                $this->replace($group, $parts);
            }
        });
        $this->people->forget($job);
    }

    /** @param  list<FamilyGroup>  $parts */
    private function replace(FormalGroup $group, array $parts): void
    {
        $group->refresh();
        FormalGroup::query()->where('job_id', $group->job_id)->where('position', '>', $group->position)
            ->increment('position', max(0, count($parts) - 1));
        foreach ($parts as $at => $part) {
            $stored = $at === 0 ? $group : $group->replicate();
            $stored->fill(['title' => $part->title, 'people' => $part->people, 'position' => $group->position + $at])->save();
        }
        if ($parts === []) {
            $group->delete();
        }
    }

    /** @param  \Closure(FormalGroup): (list<string>|null)  $who  null where the group goes */
    private function regroup(Job $job, \Closure $who): void
    {
        DB::transaction(function () use ($job, $who): void {
            foreach ($this->people->groups($job) as $group) {
                $now = $who($group);
                if ($now !== $group->people) {
                    $now === null ? $group->delete() : $group->update(['people' => $now, 'title' => self::title($group, $now)]);
                }
            }
        });
        $this->people->forget($job);
    }

    /** @param  list<string>  $now */
    private static function title(FormalGroup $group, array $now): string
    {
        return array_reduce(array_values(array_diff($group->people, $now)), GroupTitle::without(...), $group->title);
    }
}
