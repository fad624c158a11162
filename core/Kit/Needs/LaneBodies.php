<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Time\Lane;

/**
 * Who is given which of the bodies: one each, the lead's first, then a second one where one is wanted; what is over hangs on the lead as a
 * spare. The lead keeps the first of the shelf, the others get the last. A proposal counts with it, and it is what the bag becomes.
 */
final class LaneBodies
{
    /**
     * @param  list<Gear>  $bodies  in the order of the shelf
     * @param  array<string, int>  $wanted  how many by lane
     * @return array<string, non-empty-list<Gear>> by lane, the lead's first; none where nobody wants one
     */
    public static function of(array $bodies, array $wanted): array
    {
        if ($wanted === []) {
            return [];
        }
        $lead = isset($wanted[Lane::Lead->value]) ? Lane::Lead->value : (string) array_key_first($wanted);
        $counts = [$lead => 0] + array_fill_keys(array_keys($wanted), 0);
        $left = count($bodies);
        for ($round = 1; $round <= 2; $round++) {
            foreach (array_keys($counts) as $lane) {
                if (($wanted[$lane] ?? 0) >= $round && $left > 0) {
                    $counts[$lane]++;
                    $left--;
                }
            }
        }
        $counts[$lead] += $left;
        $given = [];
        $from = 0;
        $to = count($bodies);
        foreach ($counts as $lane => $count) {
            $some = $lane === $lead ? array_slice($bodies, $from, $count) : array_slice($bodies, $to -= $count, $count);
            if ($some !== []) {
                $given[$lane] = $some;
            }
        }

        return $given;
    }
}
