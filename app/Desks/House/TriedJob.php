<?php

declare(strict_types=1);

namespace App\Desks\House;

use App\Models\Brief\Job;
use App\Models\Plan\Segment;
use Illuminate\Support\Collection;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment as PlannedSegment;

/** A job as it would be with one of its days planned otherwise: for those who read a plan as it is stored. Never saved. */
final class TriedJob
{
    /** What a segment is as long as nobody says otherwise. */
    private const UNSAID = ['is_anchor' => false, 'may_move' => false, 'takes_in_minutes' => 0, 'setup_minutes' => 0, 'light' => 'any'];

    public static function of(Job $job, PlannedDay $day, int $number): Job
    {
        $planned = array_column($day->segments, null, 'id');
        $segments = $job->segments->map(
            static fn (Segment $s): Segment => $s->day === $number && isset($planned[$s->id]) ? self::moved($s, $planned[$s->id], $day) : $s,
        );
        foreach (array_diff_key($planned, $job->segments->keyBy('id')->all()) as $new) {
            $segments->push(self::added($job, $new, $day, $number));
        }
        $isSame = $segments->count() === $job->segments->count()
            && $segments->every(static fn (Segment $s, int $at): bool => $s === $job->segments[$at]);

        return $isSame ? $job : (clone $job)->setRelation('segments', $segments);
    }

    private static function moved(Segment $segment, PlannedSegment $to, PlannedDay $day): Segment
    {
        try {
            $clock = $day->day->clockOf($to->startsAt)->text();
        } catch (ImpossibleValue) {
            return $segment; // no plan holds it then
        }

        return $clock === $segment->start_clock && $to->minutes === $segment->minutes
            ? $segment
            : (clone $segment)->forceFill(['start_clock' => $clock, 'minutes' => $to->minutes]);
    }

    private static function added(Job $job, PlannedSegment $new, PlannedDay $day, int $number): Segment
    {
        $segment = (new Segment())->forceFill([
            'id' => $new->id,
            'job_id' => $job->id,
            'title' => $new->title,
            'lane' => $new->lane,
            'day' => $number,
            'start_clock' => $day->day->clockOf($new->startsAt)->text(),
            'minutes' => $new->minutes,
            'priority' => $new->priority->value,
            'is_break' => $new->isBreak,
            'is_outdoor' => $new->setting->isOutdoor,
            ...self::UNSAID,
        ]);

        return $segment->setRelation('place', $job->place)->setRelation('job', $job)->setRelation('shotLines', new Collection());
    }
}
