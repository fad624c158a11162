<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Plan\Judge\AccessWindow;

/** Gates, stairs and missing lifts: those of a place for who comes from another, those of a spot for who was not on it. */
final readonly class Gates
{
    /** @param  list<AccessWindow>  $windows  of that day */
    public function __construct(private array $windows = []) {}

    /** Where a photographer is for a segment: the place, or its spot where that has gates of its own; null: where the one before was. */
    public function site(Segment $segment, string $lane): ?Site
    {
        $place = $segment->setting->placeId;
        if ($place === null) {
            return null;
        }
        [$in, $out] = $this->minutes($segment, $lane, null);
        $spot = $segment->wants->spotId;
        [$up, $down] = $spot === null ? [0, 0] : $this->minutes($segment, $lane, $spot);

        return new Site($place, $up + $down === 0 ? null : $spot, $in, $out, $up, $down);
    }

    /**
     * By the pass that one holds, at best one that is open then; where one holds none, by the slowest of the others.
     *
     * @return array{int, int} in and out
     */
    private function minutes(Segment $segment, string $lane, ?int $spot): array
    {
        $here = array_filter($this->windows, static fn (AccessWindow $w): bool => $w->placeId === $segment->setting->placeId && $w->spotId === $spot);
        $held = array_filter($here, static fn (AccessWindow $w): bool => $w->isFor($lane));
        $open = array_filter($held, static fn (AccessWindow $w): bool => $w->holds($segment->startsAt, $segment->endsAt()));
        $ways = array_map(static fn (AccessWindow $w): array => [$w->gateMinutes, $w->outMinutes], $open ?: $held ?: $here);
        usort($ways, static fn (array $a, array $b): int => array_sum($a) <=> array_sum($b));

        return ($held === [] ? array_pop($ways) : array_shift($ways)) ?? [0, 0];
    }
}
