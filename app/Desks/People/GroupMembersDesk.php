<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Models\Brief\Job;
use App\Models\People\FormalGroup;
use Illuminate\Support\Facades\DB;
use NorthSatchel\People\Attendance;
use NorthSatchel\People\GroupTitle;
use NorthSatchel\People\Relative;

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
