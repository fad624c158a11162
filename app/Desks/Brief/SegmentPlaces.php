<?php

declare(strict_types=1);

namespace App\Desks\Brief;

use App\Models\Brief\Job;
use App\Models\Brief\Place;
use Illuminate\Database\Eloquent\Collection;

/** Where the segments of a job are, those too of which nobody said it. */
final class SegmentPlaces
{
    /**
     * Each segment is where somebody said, else where one of its photographers was before that day, else at the main place.
     *
     * @param  Collection<int, Place>  $places  by id
     */
    public static function give(Job $job, Collection $places): void
    {
        $last = [];
        foreach ($job->segments->sortBy([['day', 'asc'], ['start_clock', 'asc']]) as $segment) {
            $before = array_intersect_key($last[$segment->day] ?? [], array_flip($segment->lanes()));
            $id = $segment->place_id ?? (end($before) ?: $job->place_id);
            $segment->setRelation('place', $places->get($id));
            foreach ($segment->lanes() as $lane) {
                unset($last[$segment->day][$lane]);
                $last[$segment->day][$lane] = $id;
            }
        }
    }
}
