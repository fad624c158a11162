<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/**
 * When each shot of a segment comes: one that names its hour then, the others one after the other around them; what is played brings its
 * moments when they happen.
 */
final class ShotTimes
{
    /**
     * @param  int  $from  the segment's start, Unix seconds
     * @param  int  $to  its end, Unix seconds
     * @param  list<TimedShot>  $shots  in their order
     * @param  bool  $isPlayed  a sport is played in it
     * @return list<int|null> Unix seconds; null where nobody knows when it happens, or it is taken on the way there
     */
    public static function of(int $from, int $to, array $shots, bool $isPlayed): array
    {
        $named = array_filter(
            array_map(static fn (TimedShot $s): ?int => $s->namedAt, $shots),
            static fn (?int $at): bool => $at !== null && $at >= $from && $at < $to,
        );
        $times = [];
        $at = $from;
        foreach ($shots as $i => $shot) {
            if (isset($named[$i])) {
                $times[] = $named[$i];

                continue;
            }
            if ($shot->isOnTheWay) {
                $times[] = null;

                continue;
            }
            $at = self::around($at, $shot->seconds, $named, $shots);
            $times[] = $isPlayed ? null : $at;
            $at += $shot->seconds;
        }

        return $times;
    }

    /**
     * The first moment from there on at which it is over before a named one begins, or begins when that is over.
     *
     * @param  array<int, int>  $named  by their place in the list
     * @param  list<TimedShot>  $shots
     */
    private static function around(int $at, int $seconds, array $named, array $shots): int
    {
        asort($named);
        foreach ($named as $i => $start) {
            if ($at < $start + $shots[$i]->seconds && $at + $seconds > $start) {
                $at = $start + $shots[$i]->seconds;
            }
        }

        return $at;
    }
}
