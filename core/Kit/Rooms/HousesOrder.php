<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Plan\Stops\Stop;

/**
 * Which of several houses of a day first, so that the most fronts have the sun? Every order that keeps the appointments is tried, each
 * job as early as it can be; among equals the order that is over first.
 */
final class HousesOrder
{
    /** Orders of seven are 5040; of more only as planned is judged. */
    public const MOST = 7;

    private ?HousesRound $best = null;

    /**
     * @param  array<int, House>  $houses  by stop id; a job that is no house has none
     * @param  \Closure(int, int): int  $way  minutes from place to place
     */
    private function __construct(private readonly array $houses, private readonly \Closure $way) {}

    /**
     * @param  list<Stop>  $stops  with the hours of their appointments, minutes of the clock
     * @param  array<int, House>  $houses
     * @param  int  $from  before which nothing starts
     * @param  \Closure(int, int): int  $way
     * @return HousesRound|null null where no order keeps every appointment, or there are too many to try
     */
    public static function best(array $stops, array $houses, int $from, \Closure $way): ?HousesRound
    {
        if (count($stops) > self::MOST) {
            return null;
        }
        $search = new self($houses, $way);
        $search->go($stops, null, $from, [], 0);

        return $search->best;
    }

    /**
     * @param  list<Stop>  $left
     * @param  array<int, int>  $starts
     */
    private function go(array $left, ?Stop $last, int $free, array $starts, int $inSun): void
    {
        if ($left === []) {
            $isBetter = $this->best === null || $inSun > $this->best->inSun || ($inSun === $this->best->inSun && $free < $this->best->endsAt);
            $this->best = $isBetter ? new HousesRound($starts, $inSun, $free) : $this->best;

            return;
        }
        foreach ($left as $i => $stop) {
            $isElsewhere = $last !== null && $last->place !== null && $stop->place !== null && $last->place !== $stop->place;
            $start = max($free + ($isElsewhere ? ($this->way)((int) $last->place, (int) $stop->place) : 0), $stop->opens ?? 0);
            if ($stop->closes !== null && $start > $stop->closes) {
                continue;
            }
            $rest = $left;
            unset($rest[$i]);
            $sun = ($this->houses[$stop->id] ?? null)?->inSun($start) ?? 0;
            $this->go(array_values($rest), $stop, $start + $stop->minutes, $starts + [$stop->id => $start], $inSun + $sun);
        }
    }
}
