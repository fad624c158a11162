<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Signed;
use NorthSatchel\Verdict;

/** The planned exposure of a segment in words; where it is stops under, that it is, and what would mend it. */
final class ExposureVerdict
{
    /** From here on it is more than a little grain. */
    private const MUCH_STOPS = 1.0;

    public static function of(
        string $code,
        Segment $segment,
        FaceLight $light,
        string $clock,
        DialLimits $limits = new DialLimits(),
    ): Verdict {
        $planned = PlannedExposure::of($segment, $light, $limits);
        $ev = round($light->ev100, 1);
        $because = "At {$clock}, {$light->why}, a face has about EV ".Signed::of($ev)."; {$planned->why}.".
            ($light->isOfSky ? ' Cloud takes one to three stops more.' : '');
        $figures = ['ev100' => $ev, 'stops_under' => $planned->stopsUnder];
        if ($planned->stopsUnder === 0.0) {
            return Verdict::mind($code, "Start {$segment->title} at {$planned->says()}.", $because, $figures);
        }
        $say = $planned->stopsUnder >= self::MUCH_STOPS ? Verdict::fix(...) : Verdict::mind(...);

        return $say(
            "{$code}-dark",
            "{$segment->title} at {$planned->says()} is {$planned->stopsUnder} stops under.",
            "{$because} Take ".implode(', or ', $planned->ways).'.',
            $figures,
        );
    }
}
