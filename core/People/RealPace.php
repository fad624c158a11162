<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** How fast the groups really go, from when each was tapped as shot, against what the plan says of the same groups. */
final readonly class RealPace
{
    /** Two taps further apart than this are a pause. */
    private const PAUSE_S = 900;

    private function __construct(
        public float $minutesAGroup,
        /** Real ÷ planned. */
        public float $factor,
        /** Until all are shot, at this pace. */
        public float $minutesLeft,
    ) {}

    /**
     * @param  list<GroupShot>  $shot  Unix seconds of the tap and planned minutes of each, in the order of the taps
     * @param  float  $plannedLeft  minutes of the groups still to come, as planned
     * @return self|null null before the third tap
     */
    public static function of(array $shot, float $plannedLeft): ?self
    {
        $real = $planned = 0.0;
        $count = 0;
        for ($i = 1; $i < count($shot); $i++) {
            $gap = $shot[$i]->at - $shot[$i - 1]->at;
            if ($gap > 0 && $gap <= self::PAUSE_S) {
                $real += $gap / 60;
                $planned += $shot[$i]->minutes;
                $count++;
            }
        }
        if ($count < 2 || $planned <= 0) {
            return null;
        }
        $factor = $real / $planned;

        return new self(round($real / $count, 1), round($factor, 2), round($plannedLeft * $factor, 1));
    }
}
