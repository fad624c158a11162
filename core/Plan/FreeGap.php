<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** Time of a photographer in which nothing is planned: between two segments, the way and the setting up of the second counted. */
final readonly class FreeGap
{
    /** Before and after, so that nobody runs (common practice, no source). */
    private const MARGIN_MINUTES = 5;

    private const STEP_S = 300;

    /** @param  int  $startsAt  Unix seconds, on a whole five minutes where there is room for that */
    private function __construct(public int $startsAt, public int $minutes) {}

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
