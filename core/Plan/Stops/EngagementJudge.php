<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Nobody is at two jobs at once: what else is on these days, and does the way between fit? */
final class EngagementJudge
{
    /** Further apart than this no way is asked for (common practice, no source: half a day's drive). */
    private const APART_S = 6 * 3600;

    /**
     * @param  list<Engagement>  $own  the days of a job
     * @param  list<Engagement>  $others  the days of other jobs
     * @param  \Closure(int, int): ?int  $way  minutes from place to place; null where nobody knows
     */
    public static function of(array $own, array $others, \Closure $way): Verdicts
    {
        $verdicts = [];
        foreach ($own as $one) {
            foreach ($others as $other) {
                $verdicts[] = $one->from <= $other->from ? self::between($one, $other, $way) : self::between($other, $one, $way);
            }
        }

        return new Verdicts(array_values(array_filter($verdicts)));
    }

    /** @param  \Closure(int, int): ?int  $way */
    private static function between(Engagement $first, Engagement $then, \Closure $way): ?Verdict
    {
        if ([$first->name, $first->from, $first->to] === [$then->name, $then->from, $then->to]) {
            return Verdict::mind(
                'days.twice',
                "“{$first->name}” stands here twice.",
                'Two jobs of this name have the same hours, as when one is brought in from its own bundle: plan one of them.',
            );
        }
        $gap = intdiv($then->from - $first->to, 60);
        if ($gap < 0) {
            return Verdict::stop(
                'days.clash',
                "“{$then->name}” starts before “{$first->name}” is over.",
                "{$first->ends()}, {$then->starts()}: nobody is at both. Move one of them, or somebody else takes it.",
                ['missing_minutes' => -$gap],
            );
        }
        $isOneHouse = $first->place === $then->place && $first->place !== null;
        $minutes = match (true) {
            $isOneHouse => 0,
            $first->place === null || $then->place === null => null,
            default => $way($first->place, $then->place),
        };
        if ($minutes === null) {
            return $then->from - $first->to > self::APART_S
                ? null
                : Verdict::fix(
                    'days.unknown-way',
                    "No way is known from “{$first->name}” to “{$then->name}”.",
                    "{$first->ends()}, {$then->starts()}, ".
                        Span::later($gap).
                        ': put both places on the map; a town will do.',
                    ['gap_minutes' => $gap],
                );
        }

        return $minutes <= $gap
            ? null
            : Verdict::stop(
                'days.clash',
                "You cannot get from “{$first->name}” to “{$then->name}” in time.",
                "{$first->ends()}, the way takes ".
                    Span::hours($minutes).
                    ", and {$then->starts()}: ".
                    Span::hours($minutes - $gap).
                    ' are missing. Change their order or their hours, or somebody else takes one.',
                ['missing_minutes' => $minutes - $gap],
            );
    }
}
