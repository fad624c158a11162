<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Sky\OpenHours;

/** Time of a photographer in which nothing is planned: between two segments, the way and the setting up of the second counted. */
final readonly class FreeGap
{
    /** Before and after, so that nobody runs (common practice, no source). */
    private const MARGIN_MINUTES = 5;

    private const STEP_S = 300;

    /** @param  int  $startsAt  Unix seconds, on a whole five minutes where there is room for that */
    private function __construct(public int $startsAt, public int $minutes) {}

    /** The first of a lane in those hours that leaves the way before it and after it, or after the last of all; null where none holds them. */
    public static function within(PlannedDay $day, string $lane, int $minutes, OpenHours $hours): ?self
    {
        $margin = 60 * self::MARGIN_MINUTES;
        $gaps = [];
        foreach ($day->handovers() as $h) {
            if ($h->lane === $lane) {
                // Where it will be nobody has said: the way may lie before it or after it.
                $way = 60 * ($h->travelMinutes ?? 0);
                $gaps[] = [$h->before->endsAt() + $way + $margin, $h->before->endsAt() + 60 * $h->slackMinutes() - $margin];
            }
        }
        $ends = array_map(static fn (Segment $s): int => $s->endsAt(), $day->lanes()[$lane] ?? []);
        if ($ends === []) {
            return null;
        }
        $gaps[] = [max($ends) + $margin, PHP_INT_MAX];
        foreach ($gaps as [$from, $to]) {
            $from = (int) ceil(max($from, $hours->from ?? 0) / self::STEP_S) * self::STEP_S;
            if ($from + 60 * $minutes <= min($to, $hours->to ?? PHP_INT_MAX)) {
                return new self($from, $minutes);
            }
        }

        return null;
    }

    /** The widest of a lane, or the last that is wide enough, cut to so many minutes; null where none holds them. */
    public static function widest(PlannedDay $day, string $lane, int $minutes, bool $isLast = false): ?self
    {
        $best = null;
        $least = $minutes + 2 * self::MARGIN_MINUTES;
        $most = $least - 1;
        foreach ($day->handovers() as $h) {
            if ($h->lane === $lane && ($h->slackMinutes() > $most || ($isLast && $h->slackMinutes() >= $least))) {
                [$best, $most] = [$h, $h->slackMinutes()];
            }
        }
        if ($best === null) {
            return null;
        }
        $from = $best->before->endsAt() + 60 * self::MARGIN_MINUTES;
        $round = (int) ceil($from / self::STEP_S) * self::STEP_S;

        return new self($round + 60 * ($minutes + self::MARGIN_MINUTES) <= $from + 60 * ($most - self::MARGIN_MINUTES) ? $round : $from, $minutes);
    }
}
