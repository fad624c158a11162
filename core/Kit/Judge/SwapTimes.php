<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Plan\Priority;

/** When cards or cells are swapped: between two segments, before the one in which they would run out, and never within a must. */
final class SwapTimes
{
    /**
     * @param  list<PlannedStretch>  $stretches  of one photographer, in the order of the day
     * @param  int  $frames  that one pair of cards, or one charge, gives
     * @param  float  $share  of the lane's frames that fall on this body
     * @return list<array{before: PlannedStretch, after: int, wouldRunOutIn: PlannedStretch}> after so many frames
     */
    public static function of(array $stretches, int $frames, float $share = 1.0): array
    {
        $swaps = [];
        $left = (float) $frames;
        $taken = 0.0;
        $total = 0.0;
        foreach ($stretches as $index => $stretch) {
            $here = $share * array_sum(array_map(static fn (PlannedShot $s): int => $s->frames, $stretch->shots));
            $total += $here;
            if ($frames > 0 && $here > $left && $taken > 0) {
                $at = self::naturalBreak($stretches, $index, $swaps === [] ? 0 : null);
                $swaps[] = ['before' => $stretches[$at], 'after' => (int) round($total - $here), 'wouldRunOutIn' => $stretch];
                $left = (float) $frames;
                $taken = 0.0;
            }
            $left -= $here;
            $taken += $here;
        }

        return $swaps;
    }

    /**
     * Before the segment itself, or before the one before it where no minute lies between them and it is no must.
     *
     * @param  list<PlannedStretch>  $stretches
     */
    private static function naturalBreak(array $stretches, int $index, ?int $first): int
    {
        $before = $stretches[$index - 1] ?? null;
        $hasGap = $before === null || $stretches[$index]->from > $before->to;

        return ! $hasGap && $before->priority !== Priority::Must && $index - 1 > ($first ?? 0) ? $index - 1 : $index;
    }
}
