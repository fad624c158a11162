<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** What was written down about a spot: rejected, without a way out, or seen too long ago. */
final class SpotRecord
{
    /** Half a year later trees, works and light are others (common practice, no source). */
    private const STALE_DAYS = 180;

    /** @return list<Verdict> */
    public static function of(Spot $spot, Segment $segment, LocalDay $day): array
    {
        $verdicts = [];
        if ($spot->rejectedBecause !== null) {
            $verdicts[] = Verdict::fix(
                'scout.rejected',
                "{$segment->title} is planned at {$spot->name}, which you rejected.",
                "You wrote: {$spot->rejectedBecause}.",
            );
        }
        if (! $spot->isIndoor && $spot->planB === null) {
            $verdicts[] = Verdict::mind(
                'scout.no-plan-b',
                "{$spot->name} has no plan B.",
                "{$segment->title} is outdoors there: name a second spot, and what makes you go: rain, wind, sun or a crowd.",
            );
        }
        if ($spot->planB !== null && $spot->planBTrigger === null) {
            $verdicts[] = Verdict::mind(
                'scout.no-trigger',
                "What makes you leave {$spot->name}?",
                "Its plan B is {$spot->planB}, without a trigger: decided beforehand it costs no minutes on the day.",
            );
        }
        $age = self::ageDays($spot, $day);
        if ($age > self::STALE_DAYS) {
            $months = (int) round($age / 30);
            $verdicts[] = Verdict::mind(
                'scout.stale',
                "{$spot->name} was scouted {$months} months before this day.",
                "On {$spot->scoutedOn}: sites change with season and works. Look again, or come early enough to.",
                ['age_days' => $age],
            );
        }

        return $verdicts;
    }

    private static function ageDays(Spot $spot, LocalDay $day): int
    {
        $on = $spot->scoutedOn === null ? false : \DateTimeImmutable::createFromFormat('!Y-m-d', $spot->scoutedOn);

        return $on === false ? 0 : (int) $on->diff(new \DateTimeImmutable($day->date))->format('%r%a');
    }
}
