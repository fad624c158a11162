<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use App\Models\Brief\Job;
use App\Models\Cards\ClockOffset;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** The covered hours of every job, with its bodies and how far their clocks are off. */
final readonly class JobsAround
{
    private const A_DAY_S = 86400;

    /**
     * @param  list<JobAround>  $jobs
     * @param  bool  $hasClaims  whether anybody said whose frames are on any card
     */
    private function __construct(public array $jobs, public bool $hasClaims) {}

    public static function all(): self
    {
        $around = [];
        $jobs = DB::table('jobs')
            ->join('places', 'places.id', '=', 'jobs.place_id')
            ->orderBy('jobs.id')
            ->get([
                'jobs.id',
                'date',
                'timezone',
                'covered_from',
                'covered_to',
                DB::raw('(select max(day) from segments where segments.job_id = jobs.id and segments.deleted_at is null) as days'),
                DB::raw(
                    '(select group_concat(bodies.id) from packing join bodies on bodies.item_id = packing.item_id where packing.job_id '.
                        '= jobs.id) as bodies',
                ),
                DB::raw('exists (select 1 from clock_offsets) as has_offsets'),
                DB::raw('exists (select 1 from frame_claims) as has_claims'),
            ]);
        $offsets = (int) $jobs->max('has_offsets') === 0 ? new Collection() : ClockOffset::query()->orderBy('id')->get()->groupBy('job_id');
        foreach ($jobs as $job) {
            $hours = self::hours(
                (string) $job->date,
                (string) $job->timezone,
                (string) $job->covered_from,
                (string) $job->covered_to,
                (int) $job->days,
            );
            if ($hours !== null) {
                $around[] = new JobAround(
                    (int) $job->id,
                    $hours[0],
                    $hours[1],
                    array_map(intval(...), explode(',', (string) $job->bodies)),
                    ($offsets[$job->id] ?? new Collection())
                        ->mapWithKeys(static fn (ClockOffset $o): array => [$o->body_id => $o->offset_s])
                        ->all(),
                );
            }
        }

        return new self($around, (int) $jobs->max('has_claims') > 0);
    }

    /** @return array{int, int}|null unix seconds of the covered hours, of all days */
    private static function hours(string $date, string $timezone, string $from, string $to, int $lastDay): ?array
    {
        try {
            $day = LocalDay::of($date, $timezone);

            return [$day->instantOf(ClockTime::of($from)), $day->instantOf(ClockTime::of($to)) + self::A_DAY_S * $lastDay];
        } catch (ImpossibleValue) {
            return null;
        }
    }
}
