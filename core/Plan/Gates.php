<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** Minutes of gates, stairs and missing lifts: those of a place for who comes from another, those of a spot for who was not on it. */
final readonly class Gates
{
    /**
     * @param  array<int, int>  $ofPlaces  minutes on the way in, by place
     * @param  array<int, int>  $ofSpots  minutes from its place up to the spot, by spot
     */
    public function __construct(private array $ofPlaces = [], private array $ofSpots = []) {}

    public function areAt(?int $spotId): bool
    {
        return $spotId !== null && ($this->ofSpots[$spotId] ?? 0) > 0;
    }

    public function minutes(Site $from, Site $to): int
    {
        $place = $from->placeId === $to->placeId ? 0 : $this->ofPlaces[$to->placeId] ?? 0;
        $isThere = $to->spotId === null || ($from->placeId === $to->placeId && $from->spotId === $to->spotId);

        return $place + ($isThere ? 0 : $this->ofSpots[$to->spotId] ?? 0);
    }
}
