<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\WalkPath;
use NorthSatchel\Scout\WalkStretch;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** People who walk up to a spot cross light: where do their faces lose it, and where does the fill stand? */
final class PathJudge
{
    /** A shadow that they have left again after so little is a step. */
    private const A_STEP_M = 1.0;

    /** Judged as the segment begins, when they walk. */
    public static function of(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $sun = Sun::at($place, $segment->startsAt);
        $path = $spot->path;
        if ($path === null || $sun->elevationDeg <= 0) {
            return null;
        }
        $dark = self::dark($path, $spot, $sun);
        $isLit = array_filter($path->stretches($spot, $sun), static fn (WalkStretch $s): bool => $s->shade === null) !== [];
        $when = "At {$day->face($segment->startsAt)} the sun stands ".round($sun->elevationDeg).'° high at '.round($sun->azimuthDeg).'°';
        if ($isLit && $path->isAway($sun)) {
            return Verdict::mind(
                'scout.path-away',
                "Walking up to {$spot->name} for {$segment->title} they have the sun in their backs.",
                "{$when}, and they walk towards ".round($path->bearingDeg).'°: '.
                    self::fill($path, $spot, $sun, $dark ?? new WalkStretch(0.0, $path->metres, null)).
                    ' Or expose for the faces and let the ground behind them go bright.',
            );
        }
        if ($dark === null || ! $isLit) {
            return null;
        }
        [$from, $to] = [self::metres($path->metres - $dark->fromM), self::metres($path->metres - $dark->toM)];

        return Verdict::mind(
            'scout.path-shade',
            $dark->fromM > 0
                ? "Walking up to {$spot->name} for {$segment->title}, faces lose the light {$from} before it."
                : "Walking up to {$spot->name} for {$segment->title}, faces come into the light {$to} before it.",
            "{$when}, and ".($dark->shade === Spot::LAND ? 'the land' : $dark->shade)." keeps it from them from {$from} to {$to} before it. ".
                ucfirst(self::fill($path, $spot, $sun, $dark)),
            ['from_m' => round($path->metres - $dark->fromM, 1), 'to_m' => round($path->metres - $dark->toM, 1)],
        );
    }

    /** The longest stretch in shadow that is more than a step. */
    private static function dark(WalkPath $path, Spot $spot, SunPosition $sun): ?WalkStretch
    {
        $longest = null;
        foreach ($path->stretches($spot, $sun) as $stretch) {
            $length = $stretch->toM - $stretch->fromM;
            if ($stretch->shade !== null && $length > self::A_STEP_M && ($longest === null || $length > $longest->toM - $longest->fromM)) {
                $longest = $stretch;
            }
        }

        return $longest;
    }

    private static function fill(WalkPath $path, Spot $spot, SunPosition $sun, WalkStretch $dark): string
    {
        $place = $path->reflector($spot, $sun, $dark);
        $middle = self::metres($path->metres - $dark->middleM());

        return $place === null
            ? "no reflector ahead of them gets sun that it could turn on them: a flash beside the way, ahead of where they are {$middle} before it."
            : 'a reflector stands '.self::metres($place->aheadM).' ahead of where they are '.$middle.' before it, '.
                self::metres(abs($place->rightM))." to the {$place->side()} of the way: there it has the sun itself.";
    }

    private static function metres(float $metres): string
    {
        return round($metres, 1).' m';
    }
}
