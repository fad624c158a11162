<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Plural;
use NorthSatchel\Verdict;

/** How many more throws for the keepers that are missing; and when a number says nothing but that something has to change. */
final class ThrowsJudge
{
    /** The chance with which more throws are said to be enough (a choice of this program). */
    private const SURE = 0.9;

    /** From so many tries on their rate says something (common practice, no source). */
    private const TRIES_THAT_SPEAK = 3;

    /** Beyond it a number says nothing but that something has to change (ours, no source). */
    private const MOST_THROWS = 60;

    /** @return Verdict|null null where nothing is missing, or too little was tried */
    public static function of(WantedElement $e, ElementCount $count): ?Verdict
    {
        [$tries, $good, $missing] = [$count->tries($e->id), $count->keepers($e->id), $count->missing($e)];
        if ($missing === 0 || $tries < self::TRIES_THAT_SPEAK) {
            return null;
        }
        $needed = KeepersNeeded::of($tries, $good, $missing, self::SURE)->throws;
        if ($needed !== null && $needed > self::MOST_THROWS) {
            return Verdict::mind(
                'elements.throws',
                "{$e->title()}: ".($good === 0 ? 'no throw' : 'hardly a throw').' was good yet.',
                "{$good} of {$tries} were good so far: change how it is thrown, where, or the shutter before more is used up. At this rate even ".
                    self::MOST_THROWS." throws would not be enough for {$missing} more ".Plural::of($missing, 'keeper.', 'keepers.'),
                ['tries' => $tries, 'keepers' => $good, 'throws_needed' => $needed],
            );
        }

        return Verdict::mind(
            'elements.throws',
            $needed === null
                ? "{$e->title()}: throwing it more often will not do."
                : "{$e->title()}: {$needed} more throws for {$missing} more ".Plural::of($missing, 'keeper', 'keepers').
                    ' are enough in 9 of 10 cases.',
            "{$good} of {$tries} were good so far. ".
                ($needed === null ? 'Change how it is thrown, where, or the shutter.' : 'Have things and cloths for as many.'),
            ['tries' => $tries, 'keepers' => $good, 'throws_needed' => $needed],
        );
    }
}
