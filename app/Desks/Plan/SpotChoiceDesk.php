<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Desks\Brief\BriefDesk;
use App\Desks\Scout\ScoutDesk;
use App\Models\Brief\Job;
use App\Models\Plan\Segment as StoredSegment;
use App\Models\Scout\Spot as StoredSpot;
use NorthSatchel\Plan\Light\PlanB;
use NorthSatchel\Plan\Light\SpotChoice;
use NorthSatchel\Plan\Light\SpotTry;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Verdict;

/** Which spot for a segment, each tried on a copy of the day; and where it goes when it cannot stay. */
final class SpotChoiceDesk
{
    /** More are not weighed on one page. */
    private const MOST = 12;

    public function __construct(private readonly PlanDesk $plan, private readonly SpotLightDesk $light, private readonly ScoutDesk $scout) {}

    /** @return list<SpotChoice> the best first; none where there is nothing to choose */
    public function choices(Job $job, StoredSegment $stored): array
    {
        $spots = $this->scout->spots($job)->take(self::MOST);
        $day = $this->plan->day($job, $stored->day);
        $segment = $day->segment($stored->id);
        if ($segment === null || $spots->isEmpty()) {
            return [];
        }
        $others = array_values(array_filter($day->segments, static fn (Segment $s): bool => $s->id !== $segment->id));
        $without = $this->said($job, $day->with($others), $stored->day);
        $tries = $spots->map(function (StoredSpot $spot) use ($job, $day, $segment, $stored, $without): SpotTry {
            $moved = $segment->atSpot($spot->place->id, $spot->place->name, ScoutDesk::spot($spot));
            $tried = $day->with(array_map(static fn (Segment $s): Segment => $s->id === $segment->id ? $moved : $s, $day->segments));
            $said = $this->said($job, $tried, $stored->day);

            return new SpotTry(
                ScoutDesk::spot($spot),
                $spot->id === $segment->wants->spotId,
                array_values(array_diff_key($said, $without)),
                self::way($tried, $moved),
                $spot->room_m,
                $spot->power,
                $spot->background,
            );
        });

        return SpotChoice::ranked($segment, array_values($tries->all()), BriefDesk::dialLimits($job));
    }

    /** @param  list<SpotChoice>  $choices */
    public function planB(Job $job, StoredSegment $stored, array $choices): ?PlanB
    {
        $day = $this->plan->day($job, $stored->day);
        $segment = $day->segment($stored->id);

        return $segment === null || ! $segment->setting->isOutdoor ? null : PlanB::of($segment, $choices, $day->day);
    }

    /** The segment goes to that spot, and outdoors or under the roof with it. */
    public function put(StoredSegment $segment, StoredSpot $spot): void
    {
        $segment->update(['spot_id' => $spot->id, 'place_id' => $spot->place_id, 'is_outdoor' => ! $spot->is_indoor]);
    }

    /** @return array<string, Verdict> by what they say */
    private function said(Job $job, PlannedDay $day, int $number): array
    {
        $all = $this->light->verdictsOn($job, $day)->with($this->plan->verdictsOf($job, $day, $number));

        return array_column(array_map(static fn (Verdict $v): array => ["{$v->code} {$v->finding}", $v], iterator_to_array($all)), 1, 0);
    }

    private static function way(PlannedDay $day, Segment $segment): int
    {
        foreach ($day->handovers() as $handover) {
            if ($handover->after->id === $segment->id) {
                return $handover->travelMinutes ?? $day->likelyWay($handover->from, $handover->to);
            }
        }

        return 0;
    }
}
