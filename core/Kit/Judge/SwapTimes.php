<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Time\Priority;

/**
 * When cards or cells are swapped: between two segments, before the one in which they would run out, and never within
 * a must unless that one alone takes more than they give.
 */
final class SwapTimes
{
    /** So long a pause is a night: cells are charged in it. */
    private const NIGHT_S = 6 * 3600;

    /**
     * Of cards.
     *
     * @param  list<PlannedStretch>  $stretches  of one photographer, in the order of the day
     * @param  int  $frames  that one pair of cards gives
     * @param  float  $share  of the lane's frames that fall on this body
     * @return list<Swap>
     */
    public static function of(array $stretches, int $frames, float $share = 1.0): array
    {
        $loads = array_map(static fn (PlannedStretch $s): array => [$share * $s->frames(), false], $stretches);

        return $frames > 0 ? self::between($stretches, (float) $frames, $loads, $share) : [];
    }

    /**
     * Of cells: frames, and standby in the segments and between them.
     *
     * @param  list<PlannedStretch>  $stretches  of one photographer, in the order of time
     * @param  float  $share  of the lane's frames that fall on this body
     * @return list<Swap>
     *
     * @throws ImpossibleValue for a charge that gives nothing
     */
    public static function ofCells(array $stretches, float $share, float $framesPerCharge, float $standbyHours, float $temperatureC): array
    {
        foreach (['frames_per_charge' => $framesPerCharge, 'standby_hours_per_charge' => $standbyHours] as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }
        $loads = [];
        $end = null;
        foreach ($stretches as $stretch) {
            $isMorning = $end === null || $stretch->from - $end >= self::NIGHT_S;
            // Lanes overlap in shared segments only; what is on already counts once.
            $from = $isMorning ? $stretch->from : min($end, $stretch->to);
            $loads[] = [
                ($share * $stretch->frames()) / $framesPerCharge + max(0, $stretch->to - $from) / 3600 / $standbyHours,
                $isMorning,
            ];
            $end = max($end ?? 0, $stretch->to);
        }

        return self::between($stretches, BatteryBudget::derate($temperatureC) * (1 - BudgetNeeds::CELL_RESERVE), $loads, $share);
    }

    /**
     * @param  list<PlannedStretch>  $stretches
     * @param  float  $full  what fresh ones give
     * @param  list<array{float, bool}>  $loads  what each stretch takes, and whether they are fresh before it anyway
     * @return list<Swap>
     */
    private static function between(array $stretches, float $full, array $loads, float $share): array
    {
        $swaps = [];
        $left = $full;
        $frames = 0.0;
        foreach ($stretches as $index => $stretch) {
            [$here, $isFresh] = $loads[$index];
            $left = $isFresh ? $full : $left;
            $within = max(0, (int) ceil($here / $full - 1e-9) - 1);
            if ($here > $left + 1e-9 && ($left < $full || $within > 0)) {
                $at = $left < $full ? self::naturalBreak($stretches, $index, $swaps === [] ? 0 : null) : $index;
                // Swapped earlier they serve the stretch between too: where that is too much, right before.
                $between = $at === $index ? 0.0 : $loads[$at][0];
                [$at, $between] = $between + $here - $within * $full > $full ? [$index, 0.0] : [$at, $between];
                $swaps[] = new Swap(
                    $left < $full ? $stretches[$at] : null,
                    (int) round($frames - ($at === $index ? 0 : $share * $stretches[$at]->frames())),
                    $stretch,
                    $within,
                );
                $left = $full - $between;
            }
            $left -= $here - $within * $full;
            $frames += $share * $stretch->frames();
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
