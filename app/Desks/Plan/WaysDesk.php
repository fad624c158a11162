<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Plan\Segment as StoredSegment;
use App\Models\Plan\Travel;
use Illuminate\Support\Collection;
use NorthSatchel\Plan\Travels;

/** The ways between places: what somebody said of each, for all jobs. */
final class WaysDesk
{
    private ?Travels $travels = null;

    /** @var Collection<int, Travel>|null */
    private ?Collection $known = null;

    /**
     * The ways between the places of a job, both directions where they differ.
     *
     * @return list<PlaceWay>
     */
    public function ways(Job $job): array
    {
        $places = $job->segments
            ->map(static fn (StoredSegment $s): ?Place => $s->place)
            ->push($job->place)
            ->filter()
            ->unique('id')
            ->sortBy('name')
            ->values();
        $known = $this->known()->keyBy(static fn (Travel $t): string => "{$t->from_place_id} {$t->to_place_id}");
        $ways = [];
        foreach ($places as $i => $a) {
            foreach ($places as $j => $b) {
                $way = $known->get("{$a->id} {$b->id}");
                if ($i !== $j && ($way !== null || ($i < $j && ! $known->has("{$b->id} {$a->id}")))) {
                    [$from, $to] = [JobDay::pointOf($a), JobDay::pointOf($b)];
                    $ways[] = new PlaceWay(
                        from: $a,
                        to: $b,
                        way: $way,
                        minutes: $this->travels()->minutes($a->id, $b->id),
                        estimate: $from === null || $to === null ? null : Travels::estimate($from, $to),
                    );
                }
            }
        }

        return $ways;
    }

    public function travels(): Travels
    {
        if ($this->travels === null) {
            $minutes = $walks = [];
            foreach ($this->known() as $way) {
                if ($way->walk_minutes > 0) {
                    $walks[$way->from_place_id][$way->to_place_id] = $way->walk_minutes;
                }
                $minutes[$way->from_place_id][$way->to_place_id] =
                    $way->minutes + $way->walk_minutes + $way->parking_minutes + $way->loading_minutes;
            }
            $this->travels = new Travels($minutes, $walks);
        }

        return $this->travels;
    }

    /** @return Collection<int, Travel> */
    private function known(): Collection
    {
        return $this->known ??= Travel::query()->get();
    }
}
