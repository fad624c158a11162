<?php

declare(strict_types=1);

namespace App\Desks\People;

use App\Desks\Brief\JobDay;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use App\Models\People\FormalGroup;
use App\Models\Plan\Segment;
use App\Models\Scout\Spot;
use Illuminate\Support\Collection;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\Relative;
use NorthSatchel\People\StandLens;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\FaceLight;

/** Where a group stands, with the lenses at hand. */
final class StandDesk
{
    /** Full-format focal lengths tried where no others are named. */
    public const LENSES = [85, 70, 50, 35, 24];

    public function __construct(private readonly PeopleDesk $people, private readonly LensesAtHand $atHand) {}

    /**
     * A group at a spot.
     *
     * @param  non-empty-list<StandLens>  $lenses
     *
     * @throws ImpossibleValue when it cannot be placed so
     */
    public function setup(Job $job, FormalGroup $group, array $lenses, ?float $roomM, float $ev, bool $isOnSteps, ?int $rows): GroupSetup
    {
        return GroupSetup::best($this->standing($job, $group), $lenses, $roomM, $ev, isOnSteps: $isOnSteps, rowCount: $rows);
    }

    /**
     * Where faces are hidden, a way of placing them that hides none.
     *
     * @param  non-empty-list<StandLens>  $lenses
     *
     * @throws ImpossibleValue
     */
    public function unhide(Job $job, FormalGroup $group, array $lenses, ?float $roomM, float $ev): ?Remedy
    {
        $free = GroupSetup::free($this->standing($job, $group), $lenses, $roomM, $ev);
        $rows = count($free->rows->rows ?? []);

        return $free === null
            ? null
            : new Remedy('stand.as', "Take {$rows} ".($rows === 1 ? 'row' : 'rows').($free->rows->isOnSteps ? ' on steps' : ''), [
                'group' => $group->id,
                'rows' => $rows,
                'steps' => $free->rows->isOnSteps ? 1 : 0,
            ]);
    }

    /** EV at ISO 100 of the faces while the groups are called; where no segment is theirs, at noon of the day. */
    public function light(Job $job, ?Spot $spot): float
    {
        $segment = $this->people->segment($job);
        $at = $segment === null ? JobDay::of($job)->startsAt() + 43200 : $segment->startsAt + 30 * $segment->minutes;

        $stored = $segment === null ? null : $job->segments->firstWhere('id', $segment->id);

        return FaceLight::at(
            $spot === null ? null : ScoutDesk::spot($spot),
            $stored->is_outdoor ?? true,
            JobDay::pointOf($stored->place ?? $job->place),
            $at,
        )->ev100;
    }

    /**
     * The lenses of the bag, or, where none is in it, those that are usual.
     *
     * @return non-empty-list<StandLens>
     */
    public function lenses(Job $job): array
    {
        return $this->atHand->lenses($job) ?: array_map(static fn (int $mm): StandLens => new StandLens(null, $mm, 2.8), self::LENSES);
    }

    /** @return list<Relative> */
    private function standing(Job $job, FormalGroup $group): array
    {
        return array_values(array_filter(array_map($this->people->family($job)->person(...), $group->people)));
    }

    /**
     * The spot of the segment in which the groups are called.
     *
     * @param  Collection<int, Spot>  $spots
     */
    public function spotOf(Job $job, Collection $spots): ?Spot
    {
        return $spots->firstWhere('id', $job->segments->firstWhere('id', $job->formals_segment_id)?->spot_id);
    }
}
