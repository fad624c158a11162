<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Scout\GeoPoint;
use NorthSatchel\Scout\SunDay;

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
    ) {}

    /** @return array<string, list<Segment>> by lane, each in the order of time */
    public function lanes(): array
    {
        $lanes = [];
        foreach ($this->segments as $segment) {
            $lanes[$segment->lane][] = $segment;
        }
        foreach ($lanes as &$lane) {
            usort($lane, static fn (Segment $a, Segment $b): int => [$a->startsAt, $a->id] <=> [$b->startsAt, $b->id]);
        }
        uksort($lanes, static fn (string $a, string $b): int => [$a !== 'lead', $a] <=> [$b !== 'lead', $b]);

        return $lanes;
    }

    /** Minutes of a way: as somebody said, else as the map makes likely, else none. */
    public function likelyWay(int $from, int $to): int
    {
        $known = $this->travels->minutes($from, $to);
        if ($known !== null || ! isset($this->points[$from], $this->points[$to])) {
            return $known ?? 0;
        }

        return Travels::estimate($this->points[$from], $this->points[$to]);
    }

    /**
     * Neighbours in a lane, with the place each is at: without a place one is where the one before was.
     *
     * @return list<Handover>
     */
    public function handovers(): array
    {
        $handovers = [];
        foreach ($this->lanes() as $lane) {
            $at = null;
            foreach ($lane as $index => $segment) {
                $from = $at;
                $at = $segment->placeId ?? $at;
                if ($index > 0) {
                    $before = $lane[$index - 1];
                    $needed = $from === null || $at === null ? 0 : $this->travels->minutes($from, $at);
                    $handovers[] = new Handover($before, $segment, $from, $at, $needed);
                }
            }
        }

        return $handovers;
    }
}
