<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\LocalDay;

/** The day as planned: segments of all lanes, the ways between places, the sun where it is known. */
final readonly class PlannedDay
{
    /**
     * @param  list<Segment>  $segments
     * @param  array<int, GeoPoint>  $points  of the places that have coordinates
     */
    public function __construct(
        public LocalDay $day,
        public array $segments,
        public Travels $travels,
        public array $points,
        public ?SunDay $sun,
        public Gates $gates = new Gates(),
    ) {}

    /**
     * The same day with other segments.
     *
     * @param  list<Segment>  $segments
     */
    public function with(array $segments): self
    {
        return new self($this->day, $segments, $this->travels, $this->points, $this->sun, $this->gates);
    }

    /** @return array<string, list<Segment>> by lane, each in the order of time; what several do together stands in each of theirs */
    public function lanes(): array
    {
        $lanes = [];
        foreach ($this->segments as $segment) {
            foreach (array_unique([$segment->lane, ...$segment->wants->alsoLanes]) as $lane) {
                $lanes[$lane][] = $segment;
            }
        }
        foreach ($lanes as &$lane) {
            usort($lane, static fn (Segment $a, Segment $b): int => [$a->startsAt, $a->id] <=> [$b->startsAt, $b->id]);
        }
        $order = array_flip(array_map(static fn (Lane $l): string => $l->value, Lane::cases()));
        uksort($lanes, static fn (string $a, string $b): int => [$order[$a] ?? 9, $a] <=> [$order[$b] ?? 9, $b]);

        return $lanes;
    }

    public function segment(int $id): ?Segment
    {
        return array_column($this->segments, null, 'id')[$id] ?? null;
    }

    /** Where a segment is for one who does it, its photographer if nobody is named; null: where the one before was. */
    public function siteOf(Segment $segment, ?string $lane = null): ?Site
    {
        return $this->gates->site($segment, $lane ?? $segment->lane);
    }

    /** Minutes of a way, gates included: as somebody said, else as the map makes likely, else none. */
    public function likelyWay(?Site $from, ?Site $to): int
    {
        return $from === null || $to === null ? 0 : ($this->knownWay($from, $to) ?? 0) + $from->gatesTo($to);
    }

    /** Minutes without gates: as somebody said, else as the map makes likely; null where neither is there. */
    private function knownWay(Site $from, Site $to): ?int
    {
        [$a, $b] = [$this->points[$from->placeId] ?? null, $this->points[$to->placeId] ?? null];

        return $this->travels->minutes($from->placeId, $to->placeId) ?? ($a === null || $b === null ? null : Travels::estimate($a, $b));
    }

    /** Minutes of a way that are walked; null where it is driven, or nobody knows. */
    public function walked(Site $from, Site $to): ?int
    {
        return $this->travels->walked($from->placeId, $to->placeId, $this->points[$from->placeId] ?? null, $this->points[$to->placeId] ?? null);
    }

    /** Has anybody said how long it is, or does the map make it likely? */
    public function knowsWay(Site $from, Site $to): bool
    {
        return $this->knownWay($from, $to) !== null;
    }

    /**
     * Neighbours in a lane, with the place each is at: without a place one is where the one before was.
     *
     * @return list<Handover>
     */
    public function handovers(): array
    {
        $handovers = [];
        foreach ($this->lanes() as $name => $lane) {
            $at = null;
            foreach ($lane as $index => $segment) {
                $from = $at;
                $at = $this->siteOf($segment, $name) ?? $at;
                if ($index > 0) {
                    $gate = $from === null || $at === null ? 0 : $from->gatesTo($at);
                    $needed = $from === null || $at === null ? 0 : $this->travels->minutes($from->placeId, $at->placeId);
                    $needed = $needed === null ? null : $needed + $gate;
                    $handovers[] = new Handover($lane[$index - 1], $segment, $from, $at, $needed, $name, $gate);
                }
            }
        }

        return $handovers;
    }
}
