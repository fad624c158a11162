<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** How much of the packing list is in? */
final class TicksJudge
{
    /** Packed is on the evening before; so many days ahead it begins to be a fault (common practice, no source). */
    public const NEAR_DAYS = 2;

    /**
     * @param  list<string>  $open  labels of what is not ticked yet
     * @param  int  $days  to the job; negative once it is over
     */
    public static function of(array $open, int $items, int $days): Verdict
    {
        $looked = Looked::at($items, 'thing on the list', 'things on the list');
        if ($looked === null) {
            return Verdict::fix(
                'kit.empty',
                'The bag is empty.',
                'Nothing has been put on the packing list yet.',
                remedy: new Remedy('kit.propose', 'Work out what comes along'),
            );
        }
        $count = count($open);
        if ($count === 0) {
            $all = Plural::of($items, 'The one item is ticked.', "All {$items} items are ticked.");

            return Verdict::fine('kit.packed', 'Everything on the list is packed.', $all, $looked, ['items' => $items]);
        }
        $first = Some::of($open, 3);

        $isNear = $days <= self::NEAR_DAYS;

        return ($isNear ? Verdict::fix(...) : Verdict::mind(...))(
            'kit.unpacked',
            Plural::of($count, 'One item is not packed yet.', "{$count} items are not packed yet."),
            $items - $count." of {$items} are ticked; open: {$first}.".($isNear ? '' : " The evening before is time enough, {$days} days from now."),
            ['open' => $count],
        );
    }
}
