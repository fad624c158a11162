<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;

/** Several houses on one day: would another order bring the sun onto more fronts? */
final class HousesJudge
{
    /**
     * @param  array<int, House>  $houses  by stop id
     * @param  array<int, string>  $names  of all jobs of the day
     * @param  array<int, int>  $planned  starts, minutes of the clock
     */
    public static function of(array $houses, array $names, array $planned, ?HousesRound $best): ?Verdict
    {
        if ($best === null || count($houses) < 2) {
            return null;
        }
        $fronts = $now = 0;
        foreach ($houses as $id => $house) {
            $fronts += $house->fronts();
            $now += $house->inSun($planned[$id]);
        }
        $more = $best->inSun - $now;
        if ($more <= 0) {
            return null;
        }
        $order = [];
        foreach ($best->starts as $id => $start) {
            $order[] = "{$names[$id]} at ".ClockTime::face($start);
        }

        return Verdict::mind(
            'rooms.houses',
            'In another order of the day '.Plural::of($more, 'one front more has', "{$more} fronts more have").' the sun.',
            implode(', then ', $order).": the sun is on {$best->inSun} of {$fronts} ".Plural::of($fronts, 'front', 'fronts').
                " while they are taken, and on {$now} as planned. Every order was tried, with the ways between; appointments are kept.",
            ['more' => $more],
            new Remedy('rooms.houses', 'Go in this order'),
        );
    }
}
