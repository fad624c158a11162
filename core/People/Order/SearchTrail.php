<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** States of a search kept few, and the way back from the last. */
final class SearchTrail
{
    /**
     * Keeps the states of a layer that have waited least.
     *
     * @param  array<int, int|float>  $costs
     * @return int|float what none of those let go falls below
     */
    public static function thin(array &$costs, int $width): int|float
    {
        asort($costs);
        $floor = array_values(array_slice($costs, $width, 1))[0];
        $costs = array_slice($costs, 0, $width, true);

        return $floor;
    }

    /**
     * @param  list<array{array<int, int>, array<int, int>}>  $trail
     * @return list<int>
     */
    public static function walkBack(array $trail, int $state): array
    {
        $order = [];
        foreach (array_reverse($trail) as [$from, $lasts]) {
            $order[] = $lasts[$state];
            $state = $from[$state];
        }

        return array_reverse($order);
    }
}
