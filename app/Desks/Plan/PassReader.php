<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Plan\AccessWindow as StoredWindow;
use NorthSatchel\Plan\Judge\AccessWindow;
use NorthSatchel\Time\ClockTime;

/** Passes and zones as they are stored, to the core's. */
final class PassReader
{
    /** @return list<AccessWindow> of one day */
    public static function windows(Job $job, int $number): array
    {
        $day = JobDay::of($job, $number);

        return $job->accessWindows
            ->where('day', $number)
            ->map(
                static fn (StoredWindow $w): AccessWindow => new AccessWindow(
                    $w->pass,
                    $w->place_id,
                    $w->spot_id,
                    $w->lanes ?? [],
                    $day->instantOf(ClockTime::of($w->opens_clock)),
                    $day->instantOf(ClockTime::of($w->closes_clock)),
                    $w->gate_minutes,
                    $w->out_minutes,
                ),
            )
            ->values()
            ->all();
    }
}
