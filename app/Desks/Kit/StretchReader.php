<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use App\Desks\Brief\JobDay;
use App\Desks\Plan\BriefedPlan;
use App\Desks\Plan\SegmentReader;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use App\Models\Plan\ShotLine;
use App\Models\Scout\Spot;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Spot as CoreSpot;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Priority;

/** A segment of a job as the kit sees it: with the light that is forecast, and the frames that such scenes usually take. */
final class StretchReader
{
    public static function of(Job $job, Segment $segment): PlannedStretch
    {
        $from = JobDay::of($job, $segment->day)->instantOf(ClockTime::of($segment->start_clock));
        $shots = array_values(
            $segment->shotLines
                ->map(
                    static fn (ShotLine $s): PlannedShot => new PlannedShot(
                        $s->what,
                        Priority::from($s->priority),
                        $s->frames,
                        $s->focal_mm,
                        light: $s->light,
                    ),
                )
                ->all(),
        );
        $more = SegmentReader::usualFrames($segment, $job->kind);

        return new PlannedStretch(
            $segment->id,
            $segment->title,
            $segment->lanes(),
            $from,
            $from + 60 * $segment->minutes,
            ClockTime::shown($segment->start_clock),
            $segment->place_id,
            Priority::from($segment->priority),
            self::at(
                static fn (?CoreSpot $spot, bool $isOutdoor, ?GeoPoint $place, int $at): FaceLight => FaceLight::at(
                    $spot,
                    $isOutdoor,
                    $place,
                    $at,
                    SegmentReader::scene($segment, $job->kind),
                ),
                $segment,
                $from,
            )->ev100,
            [...$shots, ...$more === 0 ? [] : [PlannedShot::usual($more)]],
            $segment->shotLines->contains('light', 'flash'),
            BriefedPlan::forbidsFlash($job, $segment),
            self::at(FaceLight::fill(...), $segment, $from),
            SegmentReader::scene($segment, $job->kind),
            BriefedPlan::reachFromTheBack($job, $segment),
        );
    }

    private static function spotOf(Segment $segment): ?Spot
    {
        $spot = $segment->spot_id === null ? null : $segment->place?->spots->firstWhere('id', $segment->spot_id);

        return $spot?->setRelation('place', $segment->place);
    }

    /**
     * @template T
     *
     * @param  \Closure(?\NorthSatchel\Scout\Spot, bool, ?GeoPoint, int): T  $asked  of where a segment is, in its middle
     * @return T
     */
    private static function at(\Closure $asked, Segment $segment, int $from): mixed
    {
        $spot = self::spotOf($segment);
        $point = $segment->place === null ? null : JobDay::pointOf($segment->place);

        return $asked($spot === null ? null : ScoutDesk::spot($spot), $segment->is_outdoor, $point, $from + 30 * $segment->minutes);
    }
}
