<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;

/** The pauses of a programme: between what one shoots, in its breaks, and after the last of it. */
final class Pauses
{
    /** Less is no time to open a computer (ours, no source). */
    private const LEAST_MINUTES = 3;

    private const AFTER_MINUTES = 60;

    /**
     * @param  list<WantedGap>  $shot  what one shoots, in any order
     * @return list<WantedGap>
     */
    public static function of(array $shot): array
    {
        usort($shot, static fn (WantedGap $a, WantedGap $b): int => $a->from->minutes <=> $b->from->minutes);
        $pauses = [];
        $last = null;
        foreach ($shot as $one) {
            if ($last !== null && $one->from->minutes - $last->to->minutes >= self::LEAST_MINUTES) {
                $pauses[] = new WantedGap("after {$last->name}", $last->to, $one->from);
            }
            $last = $last === null || $one->to->minutes > $last->to->minutes ? $one : $last;
        }
        try {
            return $last === null ? [] : [...$pauses, new WantedGap("after {$last->name}", $last->to, $last->to->plus(self::AFTER_MINUTES))];
        } catch (ImpossibleValue) {
            // Past the second midnight there is no clock any more.
            return $pauses;
        }
    }
}
