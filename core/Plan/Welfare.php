<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Nine hours without food (M21): a long day needs a meal in it, and not only at its end. */
final class Welfare
{
    /** Longer than this without a break is too long (common practice, no source). */
    private const LONGEST_S = 6 * 3600;

    public static function of(PlannedDay $day): Verdicts
    {
        $verdicts = [];
        foreach ($day->lanes() as $lane => $segments) {
            $since = $segments[0]->startsAt;
            $end = $since;
            foreach ($segments as $segment) {
                $end = max($end, $segment->endsAt());
                if ($segment->isBreak) {
                    $verdicts[] = self::stretch($day, $lane, $since, $segment->startsAt);
                    $since = $segment->endsAt();
                }
            }
            $verdicts[] = self::stretch($day, $lane, $since, $end);
        }

        return new Verdicts(array_filter($verdicts));
    }

    private static function stretch(PlannedDay $day, string $lane, int $from, int $to): ?Verdict
    {
        if ($to - $from <= self::LONGEST_S) {
            return null;
        }
        $hours = Span::hours(intdiv($to - $from, 60));

        return Verdict::mind(
            'plan.no-meal',
            "The {$lane} photographer has no meal for {$hours}.",
            "Nothing between {$day->day->face($from)} and {$day->day->face(
                $to,
            )} is marked as a meal or a rest: plan one, and water, before the hands get slow.",
            ['minutes' => intdiv($to - $from, 60)],
        );
    }
}
