<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\Stretches;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** From when do the faces have open shade, and where is the sun really gone? */
final class OpenShade
{
    /** Nobody moves a segment further than that for its shade (ours, no source). */
    private const LONGEST_WAIT_MIN = 180;

    private const STEP_S = 60;

    /** Shade that lasts shorter than this is no place to work in (common practice, no source). */
    private const SHORTEST_S = 900;

    /** Sunset behind land this much before the real one is worth a word. */
    private const RIDGE_MINUTES = 5;

    /**
     * The next stretch of open shade that holds a segment's length, from its start on; null when none comes
     * before the sun sets.
     *
     * @return LightHours|null Unix seconds
     */
    public static function next(Spot $spot, GeoPoint $place, LocalDay $day, Segment $segment): ?LightHours
    {
        $sunset = SunDay::of($place, $day)->sunset() ?? $day->endsAt();
        foreach (self::shade($spot, $place, $segment->startsAt, $sunset) as $stretch) {
            if (max(self::SHORTEST_S, $segment->minutes * 60) <= $stretch->to - $stretch->from) {
                return $stretch;
            }
        }

        return null;
    }

    public static function judge(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $isSunny = self::isTouchedBySun($spot, $place, $segment);
        $isWanted = $segment->wants->light === LightWanted::OpenShade;
        if (! $isSunny || (! $isWanted && $spot->things === [] && $spot->skyline->isLevel())) {
            return null;
        }
        $next = self::next($spot, $place, $day, $segment);
        if ($next === null) {
            return $isWanted
                ? Verdict::fix(
                    'scout.no-open-shade',
                    "{$segment->title} is planned for open shade, and {$spot->name} has none left that day.",
                    "From {$day->face(
                        $segment->startsAt,
                    )} until sunset no thing and no ridge keeps the sun off it for {$segment->minutes} min: choose another spot, or ".
                        'turn their backs to the sun.',
                )
                : null;
        }
        $wait = intdiv($next->from - $segment->startsAt + 59, 60);
        $sun = Sun::at($place, $next->from + self::STEP_S);
        $what = $spot->shadedBy($sun) ?? 'shade';
        $because =
            "From {$day->face($next->from)} until {$day->face($next->to)} ".
            ($what === Spot::LAND ? 'the skyline' : $what).
            ' keeps the sun off the faces'.
            ($wait > 0 ? ', '.Span::hours($wait).' after its planned start.' : '.');
        $finding = "{$spot->name} has open shade from {$day->face($next->from)}.";
        $remedy =
            $segment->isAnchor || $wait <= 0 || $wait > self::LONGEST_WAIT_MIN
                ? null
                : new Remedy('segment.later', "Start {$segment->title} ".Span::later($wait), ['segment' => $segment->id, 'minutes' => $wait]);

        return $isWanted
            ? Verdict::fix(
                'scout.open-shade-later',
                "{$segment->title} wants open shade and gets it ".Span::hours($wait).' too late.',
                $because.($wait > self::LONGEST_WAIT_MIN ? ' Too long to wait for: another spot, or their backs to the sun.' : ''),
                ['wait_minutes' => $wait],
                $remedy,
            )
            : Verdict::mind('scout.open-shade', $finding, $because, ['wait_minutes' => $wait]);
    }

    /** The real sunset behind the ridge. */
    public static function ridge(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $sunset = SunDay::of($place, $day)->sunset();
        if ($spot->skyline->isLevel() || $sunset === null) {
            return null;
        }
        $sunny = Stretches::where(
            static fn (float $at): float => $spot->skyline->clearanceDeg(Sun::at($place, $at)),
            $day->startsAt(),
            $day->endsAt(),
            120,
        );
        if ($sunny === []) {
            return Verdict::mind(
                'scout.ridge',
                "The sun never gets over the skyline at {$spot->name} that day.",
                'At its highest it stays behind the land: soft light all day, and colder than it looks.',
            );
        }
        $last = $sunny[count($sunny) - 1]->to;
        $early = intdiv($sunset - $last, 60);
        if ($early < self::RIDGE_MINUTES) {
            return null;
        }
        $sun = Sun::at($place, $last);
        $angle = round($spot->skyline->angleAt($sun->azimuthDeg), 1);
        $isNeeded = in_array($segment->wants->light, [LightWanted::Golden, LightWanted::BeforeSunset], true) && $segment->endsAt() > $last;
        $finding = "At {$spot->name} the sun is gone at {$day->face($last)}, ".Span::hours($early).' before sunset.';
        $azimuth = (int) round($sun->azimuthDeg);
        $because = "The skyline stands {$angle}° high at {$azimuth}°, and the level sunset would be at {$day->face($sunset)}.";
        if (! $isNeeded) {
            return Verdict::mind('scout.ridge', $finding, $because, ['minutes_before_sunset' => $early]);
        }
        $over = (int) ceil(($segment->endsAt() - $last) / 60);

        return Verdict::fix(
            'scout.ridge-too-late',
            $finding,
            "{$because} {$segment->title} runs ".Span::hours($over).' longer than that.',
            ['minutes_before_sunset' => $early, 'over_minutes' => $over],
            $segment->isAnchor
                ? null
                : new Remedy('segment.later', "Start {$segment->title} ".Span::later(-$over), [
                    'segment' => $segment->id,
                    'minutes' => -$over,
                ]),
        );
    }

    private static function isTouchedBySun(Spot $spot, GeoPoint $place, Segment $segment): bool
    {
        for ($at = $segment->startsAt; $at <= $segment->endsAt(); $at += self::STEP_S) {
            if ($spot->isInSun(Sun::at($place, $at))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<LightHours> */
    private static function shade(Spot $spot, GeoPoint $place, int $from, int $to): array
    {
        return $to <= $from
            ? []
            : Stretches::where(static fn (float $at): float => $spot->isInSun(Sun::at($place, $at)) ? -1.0 : 1.0, $from, $to, self::STEP_S);
    }
}
