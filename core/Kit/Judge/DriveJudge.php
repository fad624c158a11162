<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Looked;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** Do the drives of the bag hold the day, once each, and how long does copying take? */
final class DriveJudge
{
    /** Never filled to the last gigabyte (common practice, no source). */
    private const RESERVE = 0.1;

    /**
     * @param  list<Gear>  $bag
     * @param  float  $gb  of the planned frames, 10^9 bytes, counted once
     * @return list<Verdict>
     */
    public static function of(array $bag, float $gb): array
    {
        $all = array_filter($bag, static fn (Gear $g): bool => $g->kind === GearKind::Drive);
        $drives = array_values(array_filter($all, static fn (Gear $g): bool => $g->number('capacity_tb') !== null));
        $looked = Looked::at(count($drives), 'drive');
        if ($looked === null || $gb <= 0) {
            return [];
        }
        $small = array_values(
            array_filter($drives, static fn (Gear $g): bool => 1000 * $g->number('capacity_tb') * (1 - self::RESERVE) < $gb),
        );
        $day = round($gb).' GB of planned frames, counted once';
        if ($small !== []) {
            return [
                Verdict::fix(
                    'kit.drive-small',
                    "{$small[0]->label} does not hold the day.",
                    "{$day}, and it has room for ".
                        1000 * $small[0]->number('capacity_tb').
                        ' GB in all, a tenth of it kept free: another drive, or what is old taken off it after its copies are verified.',
                    ['gb' => round($gb)],
                ),
            ];
        }
        $unknown = array_values(array_diff_key($all, array_filter($all, static fn (Gear $g): bool => $g->number('capacity_tb') !== null)));
        if ($unknown !== []) {
            return [
                Verdict::mind(
                    'kit.drive-unknown',
                    "How much {$unknown[0]->label} holds is not written down.",
                    "{$day}: the other drives hold it, and of this one nobody can say. Type its size in on the shelf.",
                    ['gb' => round($gb)],
                ),
            ];
        }
        $rates = array_filter(array_map(static fn (Gear $g): ?float => $g->number('write_mb_s'), $drives));
        $reader = array_filter(
            array_map(static fn (Gear $g): ?float => $g->kind === GearKind::Reader ? $g->number('read_mb_s') : null, $bag),
        );
        $rate = min([...$rates, ...$reader === [] ? [] : [max($reader)]] ?: [0]);

        // One pass reads and writes; reading back takes a second one.
        return [
            Verdict::fine(
                'kit.drives',
                'Each drive holds the day.',
                $day.
                    ($rate > 0
                        ? '; at '.
                            round($rate).
                            ' MB/s written and read back in about '.
                            self::minutes((2 * 1000 * $gb) / $rate / 60).
                            '.'
                        : '.'),
                $looked,
                ['gb' => round($gb)],
            ),
        ];
    }

    private static function minutes(float $minutes): string
    {
        $whole = max(1, (int) round($minutes));

        return Span::hours($whole);
    }
}
