<?php

declare(strict_types=1);

namespace App\Desks\Scout;

use App\Desks\Plan\PlanDesk;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot as StoredSpot;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\SpotPlan;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Scout: the spots of the job's places, and what the light will do there. */
final class ScoutDesk
{
    private const KEPT_S = 86400;

    /** @var array<int, Collection<int, StoredSpot>> by job, for this request */
    private array $spots = [];

    /** @var \WeakMap<Job, Collection<int, Place>> as the job was opened */
    private readonly \WeakMap $placesOf;

    public function __construct(private readonly PlanDesk $plan)
    {
        $this->placesOf = new \WeakMap;
    }

    /** @return Collection<int, StoredSpot> of all places of the job, remembered from earlier jobs too */
    public function spots(Job $job): Collection
    {
        return $this->spots[$job->id] ??= $this->places($job)
            ->flatMap(static fn (Place $place) => $place->spots->each(static fn (StoredSpot $spot) => $spot->setRelation('place', $place)))
            ->sortBy('name')->values();
    }

    /** The spot of the first segment outdoors, else any. */
    public function firstToLookAt(Job $job): ?StoredSpot
    {
        $first = $job->segments->where('is_outdoor', true)->whereNotNull('spot_id')->sortBy([['day', 'asc'], ['start_clock', 'asc']])->first();

        return $this->spots($job)->firstWhere('id', $first?->spot_id) ?? $this->spots($job)->first();
    }

    /** @return Collection<int, Place> */
    public function places(Job $job): Collection
    {
        /** @var Collection<int, Place> $found */
        $found = $this->placesOf[$job] ?? $job->segments->map(static fn ($segment): ?Place => $segment->place)->push($job->place)->filter()->unique('id')->values();

        return $this->placesOf[$job] = $found;
    }

    public function verdicts(Job $job): Verdicts
    {
        $verdicts = new Verdicts;
        for ($day = 0; $day < PlanDesk::dayCount($job); $day++) {
            $verdicts = $verdicts->with($this->verdictsOn($job, $this->plan->day($job, $day)));
        }

        return count($verdicts) > 0 ? $verdicts : new Verdicts([Verdict::fine('scout.indoors', 'Nothing outdoors waits for a spot.', 'No segment of this job depends on the sun.')]);
    }

    /** The light on a day that is planned otherwise. */
    public function verdictsOn(Job $job, PlannedDay $day): Verdicts
    {
        $pairs = [];
        $verdicts = [];
        $spots = $this->spots($job)->keyBy('id');
        $stored = $job->segments->keyBy('id');
        foreach ($day->segments as $segment) {
            $spot = $spots->get($segment->wants->spotId ?? 0);
            if ($spot !== null) {
                $pairs[] = [self::spot($spot), $segment];
            } elseif ($segment->isOutdoor && $stored->has($segment->id)) {
                $verdicts[] = Verdict::mind('scout.no-spot', "{$segment->title} has no spot yet.", 'It is outdoors: choose a scouted spot, and shadows, direction and exposure are worked out for its minutes.');
            }
        }

        return new Verdicts([...$this->judged($pairs, $day->day), ...$verdicts]);
    }

    public function drawing(LocalDay $day, StoredSpot $spot, int $at): ?SpotPlan
    {
        $point = self::point($spot);

        return $point === null ? null : new SpotPlan(self::spot($spot), $point, $day, $at);
    }

    /** @param  array<string, mixed>  $fields */
    public function addSpot(array $fields): StoredSpot
    {
        return StoredSpot::query()->create([...$fields, 'scouted_on' => $fields['scouted_on'] ?? now()->format('Y-m-d')]);
    }

    /** Its own coordinates, else its place's with the offset. */
    public static function point(StoredSpot $spot): ?GeoPoint
    {
        return $spot->latitude === null || $spot->longitude === null ? PlanDesk::point($spot->place)?->moved($spot->east_m ?? 0.0, $spot->north_m ?? 0.0) : GeoPoint::of($spot->latitude, $spot->longitude);
    }

    /** @param  array<string, mixed>  $fields */
    public function addObstacle(StoredSpot $spot, array $fields): Obstacle
    {
        return $spot->obstacles()->create($fields);
    }

    /**
     * The judgement walks through the minutes of a segment several times, and no page should wait for it
     * twice: it is kept for as long as the spots, the segments and the day stay the same.
     *
     * @param  list<array{Spot, Segment}>  $pairs
     * @return list<Verdict>
     */
    private function judged(array $pairs, LocalDay $day): array
    {
        if ($pairs === []) {
            return [];
        }
        $key = 'scout-'.hash('xxh128', serialize([$pairs, $day->date, $day->timezone->getName()]));

        return Cache::remember($key, self::KEPT_S, static function () use ($pairs, $day): array {
            $verdicts = [];
            foreach ($pairs as [$spot, $segment]) {
                $verdicts = [...$verdicts, ...SpotJudge::of($spot, $segment, $day)];
            }

            return $verdicts;
        });
    }

    private static function spot(StoredSpot $spot): Spot
    {
        $things = [];
        foreach ($spot->obstacles as $obstacle) {
            $things[$obstacle->name] = ShadowCaster::of($obstacle->bearing_deg, $obstacle->distance_m, $obstacle->height_m, $obstacle->width_m);
        }

        return new Spot(
            id: $spot->id,
            name: $spot->name,
            place: self::point($spot),
            facingDeg: $spot->facing_deg,
            isIndoor: $spot->is_indoor,
            things: $things,
            skyline: Skyline::read((string) $spot->skyline),
            windows: Window::readAll((string) $spot->windows),
            planB: $spot->plan_b,
            planBTrigger: $spot->plan_b_trigger,
            rejectedBecause: $spot->rejected_because,
            scoutedOn: $spot->scouted_on,
        );
    }
}
