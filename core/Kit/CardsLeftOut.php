<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;

/** Cards of the shelf that a proposal cannot choose: before another is hired one is to know of them. */
final class CardsLeftOut
{
    /**
     * @param  list<Gear>  $cards  that hold frames of another job, or are out of use
     * @return list<Verdict>
     */
    public static function of(array $cards): array
    {
        $count = count($cards);

        return $count === 0 ? [] : [
            Verdict::mind(
                'kit.full-cards',
                Some::of(array_map(static fn (Gear $g): string => $g->label, $cards), 4).
                    Plural::of($count, ' is left out: it holds', ' are left out: they hold').' frames, or '.Plural::of($count, 'is', 'are').
                    ' out of use.',
                'Copied and formatted under '.Plural::of($count, 'its permit it counts', 'their permits they count').' here again.',
                ['cards' => $count],
            ),
        ];
    }
}
