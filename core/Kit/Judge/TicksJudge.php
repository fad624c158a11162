<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Looked;
use NorthSatchel\Verdict;

/** How much of the packing list is in? */
final class TicksJudge
{
    /** @param  list<string>  $open  labels of what is not ticked yet */
    public static function of(array $open, int $items): Verdict
    {
        $looked = Looked::at($items, 'thing on the list', 'things on the list');
        if ($looked === null) {
            return Verdict::fix('kit.empty', 'The bag is empty.', 'Nothing has been put on the packing list yet.');
        }
        $count = count($open);
        if ($count === 0) {
            return Verdict::fine('kit.packed', 'Everything on the list is packed.', "All {$items} items are ticked.", $looked, [
                'items' => $items,
            ]);
        }
        $first = implode(', ', array_slice($open, 0, 3)).($count > 3 ? ' and more' : '');

        return Verdict::fix(
            'kit.unpacked',
            $count === 1 ? 'One item is not packed yet.' : "{$count} items are not packed yet.",
            $items - $count." of {$items} are ticked; open: {$first}.",
            ['open' => $count],
        );
    }
}
