<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Brief\NamedLine;
use NorthSatchel\Brief\PeopleText;
use NorthSatchel\Brief\SamePerson;

/** The people of a job, typed anew: whoever is named as before stays who they are, with all that was tapped and said of them. */
final class PeopleKeeper
{
    /**
     * @param  list<NamedLine>  $rows
     * @return list<int> ids of those who went
     */
    public static function keep(Job $job, array $rows): array
    {
        return DB::transaction(static function () use ($job, $rows): array {
            $known = Person::withTrashed()
                ->where('job_id', $job->id)
                ->orderBy('id')
                ->get()
                ->sortBy(static fn (Person $p): bool => $p->trashed())
                ->values();
            $stays = [];
            foreach ($rows as $position => $row) {
                $person = $known->first(
                    static fn (Person $p): bool => ! isset($stays[$p->id]) && SamePerson::isSame($p->name, $row->name),
                );
                $person ??= new Person(['job_id' => $job->id]);
                $person->fill([
                    'name' => $row->name,
                    'role' => $row->role,
                    'position' => $position,
                    'deleted_at' => null,
                    'is_gone_for_good' => false,
                ])->save();
                $stays[$person->id] = true;
            }
            $gone = $known->filter(static fn (Person $p): bool => ! $p->trashed() && ! isset($stays[$p->id]));
            Person::query()->whereIn('id', $gone->modelKeys())->delete();
            $job->unsetRelation('people');

            return $gone->modelKeys();
        });
    }

    /** Sentences that stand among the people are no people; they are kept, and held against the plan and the groups like the others. */
    public static function withSentences(?string $restrictions, string $people): ?string
    {
        $lines = array_filter(preg_split('/\R/u', (string) $restrictions) ?: [], static fn (string $l): bool => trim($l) !== '');
        $new = array_diff(PeopleText::read($people)->sentences, array_map(trim(...), $lines));

        return $new === [] ? $restrictions : implode("\n", [...$lines, ...$new]);
    }

    /** @param  list<int>  $ids  who were taken off and come back, behind the others */
    public static function restore(Job $job, array $ids): void
    {
        $last = (int) Person::query()->where('job_id', $job->id)->max('position');
        $here = Person::query()->where('job_id', $job->id)->pluck('name');
        foreach (Person::onlyTrashed()->where('job_id', $job->id)->whereIn('id', $ids)->orderBy('position')->get() as $person) {
            if (! $here->contains(static fn (string $name): bool => SamePerson::isSame($name, $person->name))) {
                $person->fill(['position' => ++$last, 'deleted_at' => null])->save();
            }
        }
        $job->unsetRelation('people');
    }

    /**
     * Who came may be who went, under another name.
     *
     * @return Collection<int, AskedPerson>
     */
    public static function questions(Job $job): Collection
    {
        $gone = Person::onlyTrashed()->where('job_id', $job->id)->where('is_gone_for_good', false)->orderBy('id')->get();

        return $gone
            ->map(static function (Person $left) use ($job): ?AskedPerson {
                $come = $job->people->filter(
                    static fn (Person $p): bool => $p->id > $left->id && SamePerson::isLikely($left->name, $left->role, $p->name, $p->role),
                );

                return $come->count() === 1 ? new AskedPerson($left, $come->firstOrFail()) : null;
            })
            ->filter()
            ->values();
    }
}
