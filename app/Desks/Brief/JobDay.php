<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use Illuminate\Support\Carbon;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;

/** The days of a job, by the calendar and the clock of its main place. */
final class JobDay
{
    /** Until then after its last minute people may still be at it. */
    private const OVER_S = 6 * 3600;

    /** @param  int  $number  0 is the first day */
    public static function of(Job $job, int $number = 0): LocalDay
    {
        $date = $number === 0 ? $job->date : (new \DateTimeImmutable($job->date))->modify("+{$number} days")->format('Y-m-d');

        return LocalDay::of($date, $job->place->timezone);
    }

    /** How many days the plan of a job has. */
    public static function count(Job $job): int
    {
        return 1 + (int) $job->segments->max('day');
    }

    /** Covered minutes, as they pass: where the clocks change that night, not as the clock shows. */
    public static function coveredMinutes(Job $job): int
    {
        $day = self::of($job);
        $clock = ClockTime::of($job->covered_to)->minutes - ClockTime::of($job->covered_from)->minutes;
        try {
            return intdiv($day->instantOf(ClockTime::of($job->covered_to)) - $day->instantOf(ClockTime::of($job->covered_from)), 60);
        } catch (ImpossibleValue) {
            // A time that the clocks skip.
            return $clock;
        }
    }

    /** Whole days from today to the job, by the calendar of its place; negative once it is over. */
    public static function daysTo(Job $job): int
    {
        $noon = static fn (string $date): int => (int) strtotime("{$date} 12:00 UTC");

        return intdiv($noon($job->date) - $noon(Carbon::now($job->place->timezone)->format('Y-m-d')), 86400);
    }

    /** Whether its last day has been over for some hours: the covered ones, and whatever is planned beyond them. */
    public static function isOver(Job $job): bool
    {
        $last = self::count($job) - 1;
        $ends = self::of($job, $last)->startsAt() + 60 * ClockTime::of($job->covered_to)->minutes;
        foreach ($job->segments as $segment) {
            $ends = max($ends, self::of($job, $segment->day)->startsAt() + 60 * (ClockTime::of($segment->start_clock)->minutes + $segment->minutes));
        }

        return Carbon::now()->getTimestamp() > $ends + self::OVER_S;
    }

    /** Null where a place has no coordinates. */
    public static function pointOf(Place $place): ?GeoPoint
    {
        return $place->latitude === null || $place->longitude === null ? null : GeoPoint::of($place->latitude, $place->longitude);
    }
}
