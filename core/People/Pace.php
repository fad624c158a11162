<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/**
 * How long a group takes: placing, the frames that somebody's blink asks for, and the change-over from the group
 * before. People who are only added cost half a minute, people who must be fetched two to four minutes a group
 * (common practice, no source).
 */
final class Pace
{
    private const FRAME_S = 3.0;

    private const PLACE_S = 4.0;

    private const CALL_S = 15.0;

    private const ADDED_S = 4.0;

    private const FETCH_S = 75.0;

    private const FETCHED_S = 6.0;

    private const SHUTTER_S = 1 / 200;

    private const CONFIDENCE = 0.95;

    /** @var array<int, int> frames by people: orders are tried by the thousand */
    private static array $frames = [];

    public static function frames(int $people): int
    {
        return self::$frames[$people] ??= max(2, FramesNeeded::of(max(1, $people), true, self::CONFIDENCE, self::SHUTTER_S)->frames ?? 2);
    }

    /** Placing and frames alone. */
    public static function minutes(int $people): float
    {
        return round(($people * self::PLACE_S + self::frames($people) * self::FRAME_S) / 60, 1);
    }

    /**
     * @param  list<string>|null  $before  who was in the group before; null for the first
     * @param  list<string>  $now
     * @param  bool  $isGathered  whether all stand by, so that nobody must be fetched
     */
    public static function changeOver(?array $before, array $now, bool $isGathered): float
    {
        $new = array_diff($now, $before ?? []);
        $isFetched = $new !== [] && ! $isGathered && ($before === null || array_diff($before, $now) !== []);
        $seconds = self::CALL_S + ($isFetched ? self::FETCH_S + self::FETCHED_S * count($new) : self::ADDED_S * count($new));

        return round($seconds / 60, 1);
    }
}
