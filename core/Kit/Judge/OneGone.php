<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;

/** What it comes to when one thing of the bag is gone, and nothing else is. */
final class OneGone
{
    public static function says(LossReport $report, int $item): string
    {
        $is = static fn (Gear $g): bool => $g->id === $item;
        foreach ($report->rows as $row) {
            if (array_filter($row->gear, $is) !== []) {
                return "Missing without it: {$row->says()}.";
            }
        }

        return $report->ofSafe() !== null && array_filter($report->safe, $is) !== []
            ? 'What it gave something else in the bag gives too; from now on that has no spare.'
            : 'Of its kind something was missing before, or nothing was asked: look what else there is.';
    }
}
