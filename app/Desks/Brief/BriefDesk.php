<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Job;
use App\Models\Brief\Person;
use App\Models\Brief\Place;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\Brief\BriefFacts;
use NorthSatchel\Brief\BriefJudge;
use NorthSatchel\Brief\BriefText;
use NorthSatchel\Brief\NamedLine;
use NorthSatchel\Brief\PeopleText;
use NorthSatchel\Brief\SamePerson;
use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Judge\ZoneJudge;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdicts;

/** Brief: who, what, where, when. */
final class BriefDesk
{
    /** Table and column of what few jobs have: it is asked for with the job, and not by a query of its own. */
    private const MAY_HAVE = [
        'roster' => ['rosters', 'players'],
        'captions' => ['rosters', 'captions'],
        'sending' => ['sendings', 'pictures'],
        'tasks' => ['sendings', 'tasks'],
        'elements' => ['studios', 'elements'],
        'lights' => ['studios', 'lights'],
        'products' => ['studios', 'products'],
        'session' => ['session_folders', 'folder'],
        'picks' => ['picks', 'name'],
        'crew' => ['studios', 'crew'],
        'looks' => ['studios', 'looks'],
        'rooms' => ['studios', 'rooms'],
    ];

    private const PAST_DAYS = 30;

    private const EVERYTHING = ['segments', 'shotLines', 'packing.item.body', 'packing.item.card', 'latestCheck', 'accessWindows'];

    /** A job with all that its pages need, in a handful of queries. */
    public static function open(int $id): Job
    {
        return self::joined(new Collection([self::query()->findOrFail($id)]))->firstOrFail();
    }

    /** @return Collection<int, Job> by date */
    public static function all(): Collection
    {
        return self::joined(self::query()->with('people')->orderBy('date')->orderBy('covered_from')->get());
    }

    /** @return Collection<int, Job> those of the last month and of the time to come, by date */
    public static function current(): Collection
    {
        return self::joined(
            self::query()
                ->with(['people', 'formalGroups', 'kitAsks'])
                ->where('date', '>=', now()->subDays(self::PAST_DAYS)->format('Y-m-d'))
                ->orderBy('date')
                ->orderBy('covered_from')
                ->get(),
        );
    }

    /** @return Builder<Job> with the number of changes to the database at that moment */
    private static function query(): Builder
    {
        $query = Job::query()->with(self::EVERYTHING);
        $query->select('jobs.*')->selectRaw('(select number from changes) as change_number');
        foreach (self::MAY_HAVE as $name => [$table, $column]) {
            $query->selectRaw("exists (select 1 from {$table} where job_id = jobs.id and coalesce({$column}, '') <> '') as has_{$name}");
        }

        return $query;
    }

    /** Whether a job has something that few have; where it was opened without asking, it may have it. */
    public static function has(Job $job, string $what): bool
    {
        return (bool) ($job->getAttributes()["has_{$what}"] ?? true);
    }

    /**
     * Gives segments their shots and places, and jobs their place and free shots, from one reading of each.
     *
     * @param  Collection<int, Job>  $jobs
     * @return Collection<int, Job>
     */
    private static function joined(Collection $jobs): Collection
    {
        $ids = $jobs
            ->pluck('place_id')
            ->concat($jobs->flatMap(static fn (Job $job) => $job->segments->pluck('place_id')))
            ->filter()
            ->unique();
        // Their spots, where a page wants them, are then read for all of them at once.
        $places = Place::query()->whereIn('id', $ids->all())->get()->withRelationshipAutoloading()->keyBy('id');
        foreach ($jobs as $job) {
            $job->setRelation('place', $places->get($job->place_id));
            $lines = $job->shotLines->groupBy(static fn ($line): int => $line->segment_id ?? 0);
            $job->setRelation('freeShots', $lines->get(0, $job->shotLines->take(0))->values());
            SegmentPlaces::give($job, $places);
            foreach ($job->segments as $segment) {
                $segment->setRelation('shotLines', $lines->get($segment->id, $job->shotLines->take(0))->values());
            }
        }

        return $jobs;
    }

    /**
     * @param  array<string, mixed>  $fields  as validated by JobRequest
     */
    public function save(array $fields, ?Job $job = null): Job
    {
        return DB::transaction(function () use ($fields, $job): Job {
            $people = self::people((string) ($fields['people'] ?? ''));
            $fields['restrictions'] = PeopleKeeper::withSentences($fields['restrictions'] ?? null, (string) ($fields['people'] ?? ''));
            $place = $this->place($fields);
            unset($fields['people'], $fields['place_name'], $fields['latitude'], $fields['longitude'], $fields['timezone']);
            $job ??= new Job();
            $job->fill([...$fields, 'is_confidential' => (bool) ($fields['is_confidential'] ?? false), 'place_id' => $place->id])->save();
            $this->refuseSkippedTimes($place);
            PeopleKeeper::keep($job, $people);

            return $job;
        });
    }

    public function verdicts(Job $job): Verdicts
    {
        $job->loadMissing('people');

        return BriefJudge::of(
            new BriefFacts(
                $job->place->name,
                $job->place->latitude !== null,
                self::named($job),
                BriefText::mustHaves($job->must_haves),
                JobDay::daysTo($job),
                ...array_map(static fn (string $at): int => ClockTime::of($at)->minutes, [$job->covered_from, $job->covered_to]),
            ),
            ZoneJudge::of($job->place->name, JobDay::pointOf($job->place), JobDay::of($job)),
        );
    }

    /**
     * A new day or time zone may skip an hour in which something is planned, in any job at that place.
     *
     * @throws ValidationException
     */
    private function refuseSkippedTimes(Place $place): void
    {
        foreach (
            Job::query()
                ->where('place_id', $place->id)
                ->with(['place', 'segments', 'accessWindows'])
                ->get() as $job
        ) {
            foreach ($job->segments as $segment) {
                self::refuseSkipped($job, $segment->day, $segment->title, [
                    $segment->start_clock,
                    $segment->earliest_clock,
                    $segment->latest_clock,
                ]);
            }
            foreach ($job->accessWindows as $window) {
                self::refuseSkipped($job, $window->day, $window->pass, [$window->opens_clock, $window->closes_clock]);
            }
        }
    }

    /** @param  list<string|null>  $clocks */
    private static function refuseSkipped(Job $job, int $day, string $what, array $clocks): void
    {
        foreach (array_filter($clocks) as $clock) {
            try {
                JobDay::of($job, $day)->instantOf(ClockTime::of($clock));
            } catch (ImpossibleValue) {
                throw ValidationException::withMessages([
                    'date' => "{$what} of {$job->name} is planned for {$clock}, which the clocks skip on that day.",
                ]);
            }
        }
    }

    /** @param  array<string, mixed>  $fields */
    private function place(array $fields): Place
    {
        $place = Place::query()->firstOrNew(['name' => $fields['place_name']]);
        $place->fill(['latitude' => $fields['latitude'], 'longitude' => $fields['longitude'], 'timezone' => $fields['timezone']])->save();

        return $place;
    }

    /** How many people the brief names; a client who stands among them, with or without a surname, counts once. */
    private static function named(Job $job): int
    {
        $client = trim((string) $job->client);
        $isAmong = $job->people->contains(static fn (Person $p): bool => SamePerson::isSame($p->name, $client)
            || SamePerson::isSame($p->name, explode(' ', $client)[0]) || SamePerson::isSame(explode(' ', $p->name)[0], $client));

        return $job->people->count() + ($client === '' || $isAmong ? 0 : 1);
    }

    /**
     * People as they are typed; what heads a list names nobody.
     *
     * @return list<NamedLine>
     */
    public static function people(string $text): array
    {
        $people = PeopleText::read($text)->people;
        foreach ($people as $index => $person) {
            foreach (array_slice($people, 0, $index) as $other) {
                if (SamePerson::isSame($person->name, $other->name)) {
                    throw ValidationException::withMessages([
                        'people' => "{$person->name} is named twice: write what tells them apart, as the surname.",
                    ]);
                }
            }
        }

        return $people;
    }

    /** What somebody wrote down for the dials of a job, on its settings sheet. */
    public static function dialLimits(Job $job): DialLimits
    {
        $sheet = $job->settings_sheet ?? [];
        $slowest = $sheet['slowest'] ?? null;

        return new DialLimits(
            $slowest === null ? null : (int) round($slowest),
            isset($sheet['highest_iso']) ? (int) $sheet['highest_iso'] : null,
            $sheet['widest'] ?? null,
            $sheet['smallest'] ?? null,
        );
    }
}
