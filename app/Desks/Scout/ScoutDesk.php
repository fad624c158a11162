<?php

declare(strict_types=1);

namespace App\Desks\Scout;

use App\Desks\Brief\JobDay;
use App\Models\Brief\Job;
use App\Models\Brief\Place;
use App\Models\Scout\Obstacle;
use App\Models\Scout\Spot as StoredSpot;
use Illuminate\Support\Collection;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\SpotPlan;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Time\LocalDay;

/** Scout: the spots of the job's places. */
final class ScoutDesk
{
    /** @var array<int, Collection<int, StoredSpot>> by job, for this request */
    private array $spots = [];

    /** @var \WeakMap<Job, Collection<int, Place>> as the job was opened */
    private readonly \WeakMap $placesOf;

    public function __construct()
    {
        $this->placesOf = new \WeakMap();
    }

    /** @return Collection<int, StoredSpot> of all places of the job, remembered from earlier jobs too */
    public function spots(Job $job): Collection
    {
        return $this->spots[$job->id] ??= $this->places($job)
            ->flatMap(static fn (Place $place) => $place->spots->each(static fn (StoredSpot $spot) => $spot->setRelation('place', $place)))
            ->sortBy('name')
            ->values();
    }

    /** The spot of the first segment outdoors, else any. */
    public function firstToLookAt(Job $job): ?StoredSpot
    {
        $first = $job->segments
            ->where('is_outdoor', true)
            ->whereNotNull('spot_id')
            ->sortBy([['day', 'asc'], ['start_clock', 'asc']])
            ->first();

        return $this->spots($job)->firstWhere('id', $first?->spot_id) ?? $this->spots($job)->first();
    }

    /** @return Collection<int, Place> */
    public function places(Job $job): Collection
    {
        /** @var Collection<int, Place> $found */
        $found =
            $this->placesOf[$job] ??
            $job->segments->map(static fn ($segment): ?Place => $segment->place)->push($job->place)->filter()->unique('id')->values();

        return $this->placesOf[$job] = $found;
    }

    public function drawing(LocalDay $day, StoredSpot $spot, int $at): ?SpotPlan
    {
        $point = self::point($spot);

        return $point === null ? null : new SpotPlan(self::spot($spot), $point, $day, $at);
    }

    /** @param  array<string, mixed>  $fields */
    public function addSpot(array $fields): StoredSpot
    {
        $spot = StoredSpot::query()->create([...$fields, 'scouted_on' => $fields['scouted_on'] ?? now()->format('Y-m-d')]);
        self::locate($spot);

        return $spot;
    }

    /** A place that nobody put on the map lies where its spot does: near enough for sun and ways. */
    public static function locate(StoredSpot $spot): void
    {
        $place = Place::query()->findOrFail($spot->place_id);
        if ($place->latitude === null && $spot->latitude !== null && $spot->longitude !== null) {
            $place->update(['latitude' => $spot->latitude, 'longitude' => $spot->longitude]);
        }
    }

    /** Its own coordinates, else its place's with the offset. */
    public static function point(StoredSpot $spot): ?GeoPoint
    {
        return $spot->latitude === null || $spot->longitude === null
            ? JobDay::pointOf($spot->place)?->moved($spot->east_m ?? 0.0, $spot->north_m ?? 0.0)
            : GeoPoint::of($spot->latitude, $spot->longitude);
    }

    /** The way up to it; they face where they walk, unless another bearing is said. */
    private static function path(StoredSpot $spot): ?WalkPath
    {
        $bearing = $spot->walk_deg ?? $spot->facing_deg;

        return $spot->walk_m === null || $bearing === null || $spot->is_indoor ? null : WalkPath::of(Bearing::whole($bearing), $spot->walk_m);
    }

    /** @param  array<string, mixed>  $fields */
    public function addObstacle(StoredSpot $spot, array $fields): Obstacle
    {
        return $spot->obstacles()->create($fields);
    }

    /** As the core knows it. */
    public static function spot(StoredSpot $spot): Spot
    {
        $things = [];
        foreach ($spot->obstacles as $obstacle) {
            $things[$obstacle->name] = ShadowCaster::of(
                $obstacle->bearing_deg,
                $obstacle->distance_m,
                $obstacle->height_m,
                $obstacle->width_m,
            );
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
            path: self::path($spot),
        );
    }
}
