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
        $today = Carbon::now($job->place->timezone)->startOfDay();

        return (int) round($today->diffInDays(Carbon::parse($job->date, $job->place->timezone)->startOfDay(), false));
    }

    /** Null where a place has no coordinates. */
    public static function pointOf(Place $place): ?GeoPoint
    {
        return $place->latitude === null || $place->longitude === null ? null : GeoPoint::of($place->latitude, $place->longitude);
    }
}
