<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

/** The order within a house: rooms as they are typed, and its fronts put between them where the sun is on them, as many as can be. */
final class HouseOrder
{
    /** So many fronts and every place of each is tried. */
    private const TRIED = 3;

    /**
     * @param  list<RoomShot>  $shots
     * @param  list<SunTime|null>  $suns  of each; null of rooms, and where there is none
     * @param  int  $from  minutes of the clock
     * @return list<RoomTurn>
     */
    public static function of(array $shots, array $suns, int $from): array
    {
        $fronts = array_keys(array_filter($suns, static fn (?SunTime $sun): bool => $sun !== null));
        $order = array_values(array_diff(array_keys($shots), array_slice($fronts, 0, self::TRIED)));
        $best = null;
        $most = -1;
        foreach (self::placed($order, array_slice($fronts, 0, self::TRIED)) as $try) {
            $turns = self::laid($try, $shots, $suns, $from);
            $in = count(array_filter($turns, static fn (RoomTurn $t): bool => $t->isInSun()));
            // As near to the typed order as can be: the first that has as many.
            if ($in > $most || ($in === $most && $try === array_keys($shots))) {
                [$best, $most] = [$turns, $in];
            }
        }

        return $best ?? [];
    }

    /**
     * @param  list<int>  $order
     * @param  list<int>  $fronts
     * @return iterable<list<int>>
     */
    private static function placed(array $order, array $fronts): iterable
    {
        if ($fronts === []) {
            yield $order;

            return;
        }
        for ($place = 0; $place <= count($order); $place++) {
            $with = [...array_slice($order, 0, $place), $fronts[0], ...array_slice($order, $place)];
            yield from self::placed($with, array_slice($fronts, 1));
        }
    }

    /**
     * @param  list<int>  $order
     * @param  list<RoomShot>  $shots
     * @param  list<SunTime|null>  $suns
     * @return list<RoomTurn>
     */
    private static function laid(array $order, array $shots, array $suns, int $from): array
    {
        $turns = [];
        foreach ($order as $number) {
            $to = $from + $shots[$number]->room->takes();
            $turns[] = new RoomTurn($shots[$number], $from, $to, $suns[$number]);
            $from = $to;
        }

        return $turns;
    }
}
