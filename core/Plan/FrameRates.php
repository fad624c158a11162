<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\SceneKind;

/**
 * How many frames a scene usually takes where nobody typed any: by its kind and its length (common practice, no source; the log of
 * one's own jobs tells better).
 */
final class FrameRates
{
    /** What a line has that nobody changed. */
    public const UNTYPED = 10;

    public static function usual(SceneKind $scene, int $minutes): int
    {
        return (int) round(($scene->framesAnHour() * $minutes) / 60);
    }

    /**
     * The frames that a scene takes beyond those of its lines; none where all of them were typed, or it is a break.
     *
     * @param  list<int>  $frames  of its lines
     */
    public static function more(SceneKind $scene, int $minutes, bool $isBreak, array $frames): int
    {
        $isTyped = $frames !== [] && ! in_array(self::UNTYPED, $frames, true);

        return $isBreak || $isTyped ? 0 : max(0, self::usual($scene, $minutes) - array_sum($frames));
    }
}
