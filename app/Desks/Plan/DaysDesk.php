<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\PlanChange;
use App\Models\Plan\Segment;
use App\Models\Plan\Travel;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Stops\FullDay;
use NorthSatchel\Plan\Stops\Restack;
use NorthSatchel\Plan\Stops\Restacked;
use NorthSatchel\Plan\Stops\Round;
use NorthSatchel\Plan\Stops\Stop;
use NorthSatchel\Plan\Stops\StopOrder;
use NorthSatchel\Plan\Stops\StopsDrawing;
use NorthSatchel\Plan\Stops\StopsJudge;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdicts;

/** Several jobs on one day: their order, and what is rained off put onto other days. */
final class DaysDesk
{
    private ?Travels $travels = null;

    /** @var array<int, Place>|null */
    private ?array $places = null;

    /** @return Collection<int, Job> in the order of their planned starts */
    public function jobs(string $date): Collection
    {
        return Job::query()
            ->where('date', $date)
            ->with(['place', 'segments'])
            ->orderBy('covered_from')
            ->orderBy('id')
            ->get();
    }

    /**
     * @param  Collection<int, Job>  $jobs
     *
     * @throws ValidationException for too many jobs
     */
    public function round(Collection $jobs, int $now, ?int $home): ?Round
    {
        try {
            return StopOrder::best($now, $home, self::stops($jobs), $this->way(...));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['refused' => 'The jobs of this day '.$e->must.'.']);
        }
    }

    /** @param  Collection<int, Job>  $jobs */
    public function verdicts(LocalDay $day, Collection $jobs, ?Round $best, int $now): Verdicts
    {
        return StopsJudge::of($day, self::stops($jobs), self::names($jobs), self::starts($jobs), $best, $now, $this->knownWay(...));
    }

    /** @param  Collection<int, Job>  $jobs */
    public function drawing(LocalDay $day, Collection $jobs, ?Round $best): StopsDrawing
    {
        return new StopsDrawing($day, self::stops($jobs), self::names($jobs), self::starts($jobs), $best);
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return array<int, string> by job id
     */
    public static function names(Collection $jobs): array
    {
        return $jobs->mapWithKeys(static fn (Job $j): array => [$j->id => $j->name])->all();
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return array<int, int> minutes since midnight by job id
     */
    public static function starts(Collection $jobs): array
    {
        return $jobs->mapWithKeys(static fn (Job $j): array => [$j->id => self::start($j)])->all();
    }

    /**
     * Where rained-off jobs fit best.
     *
     * @param  list<int>  $jobIds
     * @param  list<string>  $dates
     *
     * @throws ValidationException
     */
    public function restack(array $jobIds, array $dates, int $now, ?int $home): Restacked
    {
        $days = [];
        foreach ($dates as $date) {
            $days[$date] = new FullDay($now, self::stops($this->jobs($date)->whereNotIn('id', $jobIds)));
        }
        try {
            return Restack::best(self::stops(Job::query()->whereIn('id', $jobIds)->with('place')->get()), $days, $home, $this->way(...));
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['dates' => "The {$e->field} {$e->must}."]);
        }
    }

    /**
     * Gives jobs other starts, and other days where named, with all their segments; nothing is changed when one would not fit its day.
     *
     * @param  array<int, int>  $starts  minutes since midnight by job id
     * @param  array<int, string>  $dates  by job id
     */
    public function apply(string $said, array $starts, array $dates = []): PlanChange
    {
        return DB::transaction(function () use ($said, $starts, $dates): PlanChange {
            $jobs = Job::query()
                ->whereIn('id', array_keys($starts))
                ->with(['place', 'segments'])
                ->get();
            $change = PlanChange::query()->create([
                'job_id' => $jobs->firstOrFail()->id,
                'said' => $said,
                'before' => [
                    'segments' => $jobs
                        ->flatMap(
                            static fn (Job $j) => $j->segments->map(
                                static fn (Segment $s): array => $s->only(['id', 'start_clock', 'minutes']),
                            ),
                        )
                        ->values()
                        ->all(),
                    'shots' => [],
                    'jobs' => $jobs
                        ->map(static fn (Job $j): array => $j->only(['id', 'date', 'covered_from', 'covered_to']))
                        ->values()
                        ->all(),
                ],
            ]);
            foreach ($jobs as $job) {
                $this->move($job, $starts[$job->id] - self::start($job), $dates[$job->id] ?? $job->date);
            }

            return $change;
        });
    }

    /** @throws ValidationException */
    private function move(Job $job, int $by, string $date): void
    {
        try {
            $job->update([
                'date' => $date,
                'covered_from' => ClockTime::of($job->covered_from)->plus($by)->text(),
                'covered_to' => ClockTime::of($job->covered_to)->plus($by)->text(),
            ]);
            foreach ($job->segments as $segment) {
                $clock = ClockTime::of($segment->start_clock)->plus($by);
                JobDay::of($job, $segment->day)->instantOf($clock);
                $segment->update(['start_clock' => $clock->text()]);
            }
        } catch (ImpossibleValue $e) {
            throw ValidationException::withMessages(['refused' => "{$job->name} cannot go there: a time {$e->must}. Nothing was changed."]);
        }
    }

    /**
     * @param  Collection<int, Job>  $jobs
     * @return list<Stop> a job without an appointment starts when it is planned
     */
    public static function stops(Collection $jobs): array
    {
        return array_values(
            $jobs
                ->map(static function (Job $job): Stop {
                    $minutes = static fn (?string $clock): ?int => $clock === null ? null : ClockTime::of($clock)->minutes;
                    $isFixed = $job->appointment_from === null && $job->appointment_to === null;

                    return new Stop(
                        $job->id,
                        ClockTime::of($job->covered_to)->minutes - self::start($job),
                        $job->place_id,
                        $isFixed ? self::start($job) : $minutes($job->appointment_from),
                        $isFixed ? self::start($job) : $minutes($job->appointment_to),
                    );
                })
                ->all(),
        );
    }

    /** Minutes of its first clock time. */
    public static function start(Job $job): int
    {
        return ClockTime::of($job->covered_from)->minutes;
    }

    /** Minutes from place to place: as somebody said, else as the map makes likely, else none. */
    public function way(int $from, int $to): int
    {
        return $this->knownWay($from, $to) ?? 0;
    }

    /** The same; null where nobody knows. */
    public function knownWay(int $from, int $to): ?int
    {
        $this->travels ??= new Travels(
            Travel::query()
                ->get()
                ->reduce(static function (array $minutes, Travel $t): array {
                    $minutes[$t->from_place_id][$t->to_place_id] =
                        $t->minutes + $t->walk_minutes + $t->parking_minutes + $t->loading_minutes;

                    return $minutes;
                }, []),
        );
        $this->places ??= Place::query()->get()->keyBy('id')->all();
        [$a, $b] = [JobDay::pointOf($this->places[$from]), JobDay::pointOf($this->places[$to])];

        return $this->travels->minutes($from, $to) ?? ($a === null || $b === null ? null : Travels::estimate($a, $b));
    }
}
