<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is there a night between two days? */
final class NightJudge
{
    /** Eight hours of sleep with the way home and back need about this (common practice, no source). */
    private const LEAST_MINUTES = 660;

    /** @param  non-empty-list<PlannedDay>  $days  in order */
    public static function of(array $days): Verdicts
    {
        $verdicts = [];
        for ($i = 1; $i < count($days); $i++) {
            [$before, $after] = [$days[$i - 1], $days[$i]];
            if ($before->segments === [] || $after->segments === []) {
                continue;
            }
            $end = max(array_map(static fn (Segment $s): int => $s->endsAt(), $before->segments));
            $start = min(array_map(static fn (Segment $s): int => $s->startsAt - 60 * $s->wants->setupMinutes, $after->segments));
            $minutes = intdiv($start - $end, 60);
            if ($minutes < self::LEAST_MINUTES) {
                $hours = Span::hours(max(0, $minutes));
                $verdicts[] = Verdict::fix(
                    'plan.short-night',
                    'The night before day '.($i + 1)." has only {$hours}.",
                    "Day {$i} ends at {$before->day->face($end)}, day ".
                        ($i + 1).
                        " starts at {$after->day->face($start)}; with the drive home and back that is too little sleep to drive on.",
                    ['minutes' => $minutes],
                );
            }
        }

        return new Verdicts($verdicts);
    }
}
