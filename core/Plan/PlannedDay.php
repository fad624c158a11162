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
     * @param  array<int, int>  $gates  minutes of gates and stairs on the way into a place
     */
    public function __construct(
        public LocalDay $day,
        public array $segments,
        public Travels $travels,
        public array $points,
        public ?SunDay $sun,
        public array $gates = [],
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

    /** Minutes of a way, gates included: as somebody said, else as the map makes likely, else none. */
    public function likelyWay(int $from, int $to): int
    {
        $known = $this->travels->minutes($from, $to);
        if ($known === null) {
            $known = isset($this->points[$from], $this->points[$to]) ? Travels::estimate($this->points[$from], $this->points[$to]) : 0;
        }

        return $known + $this->gate($from, $to);
    }

    /** Gates and stairs on the way in, for who was not inside. */
    private function gate(?int $from, int $to): int
    {
        return $from === $to ? 0 : $this->gates[$to] ?? 0;
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
                $at = $segment->setting->placeId ?? $at;
                if ($index > 0) {
                    $before = $lane[$index - 1];
                    $needed = $from === null || $at === null ? 0 : $this->travels->minutes($from, $at);
                    $needed = $needed === null || $at === null ? $needed : $needed + $this->gate($from, $at);
                    $handovers[] = new Handover($before, $segment, $from, $at, $needed, $name);
                }
            }
        }

        return $handovers;
    }
}
