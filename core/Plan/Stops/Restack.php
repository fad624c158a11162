<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\ImpossibleValue;

/**
 * Jobs rained off, put onto chosen days: as many as fit within their appointments beside what is there
 * already, and among those ways the one whose tightest day has the most slack. Exact.
 */
final class Restack
{
    public const MOST_JOBS = 6;

    public const MOST_DAYS = 6;

    /**
     * @param  list<Stop>  $jobs
     * @param  array<string, FullDay>  $days  by date: when one may set out, and what is planned
     * @param  \Closure(int, int): int  $way  minutes from place to place
     * @return Restacked rounds of the days that change; the date of
     *     each job; what fits nowhere
     *
     * @throws ImpossibleValue for too many jobs or days
     */
    public static function best(array $jobs, array $days, ?int $home, \Closure $way): Restacked
    {
        if (count($jobs) > self::MOST_JOBS || count($days) > self::MOST_DAYS) {
            throw ImpossibleValue::of('jobs', 'are '.self::MOST_JOBS.' at most, on '.self::MOST_DAYS.' days');
        }
        $all = (1 << count($jobs)) - 1;
        // Best way so far to spread each set of jobs over the days looked at: tightest slack, and the set of each day.
        $best = [0 => ['slack' => PHP_INT_MAX, 'sets' => []]];
        $rounds = [];
        foreach ($days as $date => $day) {
            $next = $best;
            foreach ($best as $done => $spread) {
                for ($set = $all & ~$done; $set > 0; $set = ($set - 1) & ($all & ~$done)) {
                    $rounds[$date][$set] ??=
                        StopOrder::best($day->now, $home, [...$day->stops, ...self::of($jobs, $set)], $way) ?? false;
                    $round = $rounds[$date][$set];
                    $slack = $round === false ? null : min($spread['slack'], $round->slackMinutes ?? PHP_INT_MAX);
                    if ($slack !== null && (! isset($next[$done | $set]) || $slack > $next[$done | $set]['slack'])) {
                        $next[$done | $set] = ['slack' => $slack, 'sets' => [...$spread['sets'], $date => $set]];
                    }
                }
            }
            $best = $next;
        }
        $placed = 0;
        foreach ($best as $set => $spread) {
            $more = self::count($set) <=> self::count($placed);
            $placed = $more > 0 || ($more === 0 && $spread['slack'] > $best[$placed]['slack']) ? $set : $placed;
        }
        $told = $dayOf = [];
        foreach ($best[$placed]['sets'] as $date => $set) {
            $round = $rounds[$date][$set];
            if ($round instanceof Round) {
                $told[$date] = $round;
            }
            foreach (self::of($jobs, $set) as $job) {
                $dayOf[$job->id] = $date;
            }
        }

        return new Restacked($told, $dayOf, array_map(static fn (Stop $s): int => $s->id, self::of($jobs, $all & ~$placed)));
    }

    /**
     * @param  list<Stop>  $jobs
     * @return list<Stop>
     */
    private static function of(array $jobs, int $set): array
    {
        return array_values(array_filter($jobs, static fn (int $index): bool => ($set & (1 << $index)) !== 0, ARRAY_FILTER_USE_KEY));
    }

    private static function count(int $set): int
    {
        return substr_count(decbin($set), '1');
    }
}
