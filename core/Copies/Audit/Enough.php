<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Verdict;

/** What is said where no card load is short of copies: only of loads that are there. */
final class Enough
{
    /**
     * @param  int  $loads  each found on as many devices as are wanted
     * @param  int  $wanted  devices
     */
    public static function of(int $loads, int $wanted): Verdict
    {
        $looked = Looked::at($loads, 'card load');

        return $looked === null
            ? Verdict::mind(
                'copies.nothing-yet',
                'Nothing waits to be copied.',
                'No card of this job is shot and unformatted: of copies there is nothing to say yet.',
            )
            : Verdict::fine(
                'copies.enough',
                Plural::of($loads, 'The one shot card is on enough devices.', 'Every shot card is on enough devices.'),
                "{$looked->words}, verified on at least {$wanted}, the cards themselves not counted.",
                $looked,
            );
    }
}
