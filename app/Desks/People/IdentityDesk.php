<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\PeopleKeeper;
use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\People\FormalGroup;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use Illuminate\Support\Facades\DB;
use NorthSatchel\Brief\NamedLine;
use NorthSatchel\People\FamilyText;

/** Who came into the list is who went from it, under another name, or is not. */
final class IdentityDesk
{
    public function __construct(private readonly PeopleDesk $people) {}

    /** The one who went comes back under the new name, with all that was tapped and said of them; the new line goes. */
    public function isSame(Person $come, Person $gone): void
    {
        DB::transaction(function () use ($come, $gone): void {
            $job = Job::query()->findOrFail($come->job_id);
            $from = $gone->name;
            $row = $come->only(['name', 'role', 'position']);
            $come->forceDelete();
            $gone->fill([...$row, 'deleted_at' => null])->save();
            $this->rename($job, $from, $gone->name);
        });
    }

    public function isAnother(Person $gone): void
    {
        $gone->update(['is_gone_for_good' => true]);
    }

    /** Somebody who is named and not in the list yet. */
    public function add(Job $job, string $name): void
    {
        $rows = $job->people->map(static fn (Person $p): NamedLine => new NamedLine($p->name, $p->role))->all();
        PeopleKeeper::keep($job, [...array_values($rows), new NamedLine($name, null)]);
    }

    /** Wherever somebody is named by the name that the list had. */
    private function rename(Job $job, string $from, string $to): void
    {
        foreach ([FormalGroup::class, Segment::class, ShotLine::class] as $model) {
            foreach ($model::query()->where('job_id', $job->id)->get() as $row) {
                $names = $row->people ?? [];
                $now = array_values(array_unique(array_map(static fn (string $name): string => $name === $from ? $to : $name, $names)));
                if ($now !== $names) {
                    $row->update(['people' => $now]);
                }
                if ($row instanceof FormalGroup && in_array($to, $now, true)) {
                    $row->update(['title' => mb_substr(self::renamed($row->title, $from, $to), 0, 120)]);
                }
            }
        }
        foreach ($job->people()->get() as $person) {
            $role = self::renamed((string) $person->role, $from, $to);
            if ($role !== (string) $person->role) {
                $person->update(['role' => $role]);
            }
        }
        $job->update([
            'separations' => $job->separations === null
                ? null
                : array_map(
                    static fn (array $s): array => [
                        ...$s,
                        'first' => $s['first'] === $from ? $to : $s['first'],
                        'second' => $s['second'] === $from ? $to : $s['second'],
                    ],
                    $job->separations,
                ),
        ]);
    }

    private static function renamed(string $text, string $from, string $to): string
    {
        return (string) preg_replace_callback('/(?<![\pL-])'.preg_quote($from, '/').'(?![\pL-])/u', static fn (): string => $to, $text);
    }

    /** @param  string  $how  apart: never in one frame; beside: never side by side */
    public function keepApart(Job $job, string $one, string $other, string $how, bool $isFormer): void
    {
        foreach ($job->people()->where('name', $one)->get() as $person) {
            $kept = ($how === 'apart' ? 'apart from ' : 'not beside ').$other;
            $pieces = [(string) $person->role, $isFormer ? "former partner of {$other}" : '', $kept];
            $person->update(['role' => implode(', ', array_filter($pieces))]);
        }
    }

    /** Who was never to be in one frame may be, with others between. */
    public function onlyNotBeside(Job $job, string $one, string $other): void
    {
        $names = $this->people->family($job)->names;
        foreach ($job->people()->whereIn('name', [$one, $other])->get() as $person) {
            $pieces = array_map(trim(...), explode(',', (string) $person->role));
            $role = array_map(
                static function (string $piece) use ($names, $one, $other): string {
                    $from = FamilyText::apartFrom($piece);

                    return $from !== null && array_intersect($names->meant($from), [$one, $other]) !== [] ? "not beside {$from}" : $piece;
                },
                $pieces,
            );
            $person->update(['role' => implode(', ', $role)]);
        }
    }
}
