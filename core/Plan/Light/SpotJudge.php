<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Looked;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Some;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What will the light do at a spot while a segment is there? Shadow edges, the sun in their eyes, exposure. */
final class SpotJudge
{
    private const EYES_DEG = 50.0;

    /** Above this the sun no longer shines into eyes. */
    private const HIGH_DEG = 60.0;

    private const STEP_S = 60;

    private const FARTHEST_SHIFT_M = 15.0;

    private const SHIFT_STEP_M = 0.5;

    private const LONGEST_WAIT_S = 5400;

    /**
     * While no spot is scouted it is said once.
     *
     * @param  list<string>  $titles  of segments outdoors
     * @param  bool  $hasPosts  whether one stands at posts of a ground in such a job
     * @param  bool  $hasPeriods  whether others of the job are periods already, and so a ground is drawn
     */
    public static function noneScouted(array $titles, bool $hasPosts, bool $hasPeriods = false): ?Verdict
    {
        return $titles === []
            ? null
            : Verdict::mind(
                'scout.no-spot',
                Some::of($titles, 3).Plural::of(count($titles), ' has', ' have').' no spot yet.',
                Plural::of(count($titles), 'It is outdoors: ', 'They are outdoors: ').
                    match (true) {
                        $hasPeriods => 'mark '.Plural::of(count($titles), 'it', 'them').' as played at the posts of the ground, or put in ',
                        $hasPosts => 'draw the ground and its posts, or put in ',
                        default => 'put in ',
                    }.
                    'a spot, and shadows, direction and exposure are worked out for these minutes.',
                ['segments' => count($titles)],
            );
    }

    /** Whether any of it is outdoors: as somebody ticked, or by its words. */
    public static function isOutside(bool $isTicked, string $title): bool
    {
        return $isTicked || preg_match('/\b(?:outside|outdoors?|garden|terrace|street|fronts?|fa[cç]ades?)\b/iu', $title) === 1;
    }

    /** What is said where no segment has a spot, nor wants one. */
    public static function nothingOutdoors(int $segments): Verdicts
    {
        $looked = Looked::at($segments, 'segment');

        return new Verdicts([
            $looked === null
                ? Verdict::mind('scout.no-plan', 'Nothing is planned yet.', 'Once segments are outdoors, their light is judged here.')
                : Verdict::fine(
                    'scout.indoors',
                    'Nothing outdoors waits for a spot.',
                    Plural::of($segments, 'The one segment is indoors.', "{$looked->words}, none of them outdoors."),
                    $looked,
                ),
        ]);
    }

    /** @param  DialLimits  $limits  that somebody wrote down for the dials */
    public static function of(Spot $spot, Segment $segment, LocalDay $day, DialLimits $limits = new DialLimits()): Verdicts
    {
        $record = SpotRecord::of($spot, $segment, $day);
        if ($spot->isIndoor && $spot->windows === []) {
            return new Verdicts($record);
        }
        if ($spot->place === null) {
            return new Verdicts([
                Verdict::mind('scout.no-coordinates', "The light at {$spot->name} cannot be judged.", 'Its place has no coordinates.'),
                ...$record,
            ]);
        }
        if ($spot->isIndoor) {
            return new Verdicts([...WindowJudge::of($spot, $spot->place, $segment, $day, $limits), ...$record]);
        }

        return new Verdicts(
            array_filter([
                self::shadowEdge($spot, $spot->place, $segment, $day),
                self::eyes($spot, $spot->place, $segment, $day),
                OpenShade::ridge($spot, $spot->place, $segment, $day),
                OpenShade::judge($spot, $spot->place, $segment, $day),
                PathJudge::of($spot, $spot->place, $segment, $day),
                self::exposure($spot, $spot->place, $segment, $day, $limits),
                ...$record,
            ]),
        );
    }

    private static function shadowEdge(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $edge = self::firstEdge($spot, $place, $segment->startsAt, $segment->endsAt());
        // The land takes the sun from everybody at once; its own finding says when.
        if ($edge === null || $edge[1] === Spot::LAND) {
            return null;
        }
        [$at, $name, $isComing] = $edge;
        $sun = Sun::at($place, $at);
        $shift = self::shift($spot, $place, $segment, $sun->azimuthDeg);
        $wait = self::wait($spot, $place, $segment);
        $ways = array_filter([
            $shift === null ? null : 'shift '.abs($shift).' m to the '.($shift > 0 ? 'right' : 'left').' as you look at the sun',
            $wait === null ? null : 'or start '.Span::later($wait),
        ]);
        $azimuth = (int) round($sun->azimuthDeg);
        $elevation = (int) round($sun->elevationDeg);

        return Verdict::fix(
            'scout.shadow-edge',
            "The shadow of {$name} ".($isComing ? 'falls on' : 'leaves')." {$segment->title} at {$day->face($at)}.",
            "The sun then stands {$elevation}° high at {$azimuth}°, and the edge crosses the faces while you shoot: one in sun, ".
                'one in shade.'.
                ($ways === [] ? '' : ' '.ucfirst(implode(', ', $ways)).'.'),
            ['shift_m' => $shift, 'wait_minutes' => $wait],
            $wait === null || $segment->isAnchor
                ? null
                : new Remedy('segment.later', 'Start it '.Span::later($wait), ['segment' => $segment->id, 'minutes' => $wait]),
        );
    }

    /** @return array{int, string, bool}|null when, of what, and whether the shadow comes */
    private static function firstEdge(Spot $spot, GeoPoint $place, int $from, int $to): ?array
    {
        $before = $spot->shadedBy(Sun::at($place, $from));
        for ($at = $from + self::STEP_S; $at <= $to; $at += self::STEP_S) {
            $sun = Sun::at($place, $at);
            $now = $spot->shadedBy($sun);
            if ($sun->elevationDeg > 0 && ($now === null) !== ($before === null)) {
                return [$at, (string) ($now ?? $before), $now !== null];
            }
            $before = $now;
        }

        return null;
    }

    /** Metres to the right, or negative to the left, after which no edge crosses; null where none up to 15 m helps. */
    private static function shift(Spot $spot, GeoPoint $place, Segment $segment, float $azimuth): ?float
    {
        for ($metres = self::SHIFT_STEP_M; $metres <= self::FARTHEST_SHIFT_M; $metres += self::SHIFT_STEP_M) {
            foreach ([$metres, -$metres] as $try) {
                if (self::firstEdge($spot->shifted($try, $azimuth), $place, $segment->startsAt, $segment->endsAt()) === null) {
                    return $try;
                }
            }
        }

        return null;
    }

    private static function wait(Spot $spot, GeoPoint $place, Segment $segment): ?int
    {
        for ($wait = 300; $wait <= self::LONGEST_WAIT_S; $wait += 300) {
            if (self::firstEdge($spot, $place, $segment->startsAt + $wait, $segment->endsAt() + $wait) === null) {
                return intdiv($wait, 60);
            }
        }

        return null;
    }

    private static function eyes(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $at = intdiv($segment->startsAt + $segment->endsAt(), 2);
        $sun = Sun::at($place, $at);
        if ($spot->facingDeg === null || $sun->elevationDeg <= 0 || $sun->elevationDeg > self::HIGH_DEG || $spot->shadedBy($sun) !== null) {
            return null;
        }
        $turn = abs(Bearing::turn($spot->facingDeg, $sun->azimuthDeg));
        if ($turn > self::EYES_DEG) {
            return null;
        }
        $better = (int) round($sun->azimuthDeg + 180) % 360;
        $azimuth = (int) round($sun->azimuthDeg);
        $facing = (int) round($spot->facingDeg);

        return Verdict::fix(
            'scout.sun-in-eyes',
            "At {$segment->title} the sun shines into their eyes.",
            "They face {$facing}°, the sun stands at {$azimuth}° at {$day->face(
                $at,
            )}. Facing {$better}° they have it behind them, their faces in shade.",
            ['facing_deg' => $facing, 'better_deg' => $better],
            new Remedy('spot.turn', "Turn them to {$better}°", ['spot' => $spot->id, 'facing' => $better]),
        );
    }

    private static function exposure(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day, DialLimits $limits): Verdict
    {
        $at = intdiv($segment->startsAt + $segment->endsAt(), 2);

        return ExposureVerdict::of('scout.exposure', $segment, FaceLight::at($spot, true, $place, $at), $day->face($at), $limits);
    }
}
