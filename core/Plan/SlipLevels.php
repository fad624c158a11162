<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** Titles of a lane lie on so many lines that none covers another. */
final class SlipLevels
{
    /**
     * The level of each and how many levels those that clash with it need.
     *
     * @param  list<Segment>  $segments  in the order of time
     * @return list<array{int, int}>
     */
    public static function levels(array $segments): array
    {
        $levels = [];
        foreach (self::clashing($segments) as $cluster) {
            $ends = [];
            $of = [];
            foreach ($cluster as $segment) {
                $level = 0;
                while (isset($ends[$level]) && $ends[$level] > $segment->startsAt) {
                    $level++;
                }
                $ends[$level] = $segment->endsAt();
                $of[] = $level;
            }
            foreach ($of as $level) {
                $levels[] = [$level, count($ends)];
            }
        }

        return $levels;
    }

    /**
     * @param  list<Segment>  $segments  in the order of time
     * @return list<list<Segment>> runs in which each overlaps one before it
     */
    public static function clashing(array $segments): array
    {
        $runs = [];
        $until = PHP_INT_MIN;
        foreach ($segments as $segment) {
            if ($segment->startsAt >= $until) {
                $runs[] = [];
            }
            $runs[count($runs) - 1][] = $segment;
            $until = max($until, $segment->endsAt());
        }

        return array_values($runs);
    }
}
