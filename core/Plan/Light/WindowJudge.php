<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Light;

use NorthSatchel\Exposure\DialLimits;
use NorthSatchel\Looked;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Verdict;

/** When does direct sun come through the windows of an indoor spot, and how far into the room? */
final class WindowJudge
{
    private const DEEPEST_ROOM_M = 12.0;

    /** @return list<Verdict> */
    public static function of(Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day, DialLimits $limits = new DialLimits()): array
    {
        $verdicts = [];
        foreach ($spot->windows as $window) {
            $verdicts[] = self::window($window, $spot, $place, $segment, $day);
        }
        if ($verdicts !== []) {
            $at = intdiv($segment->startsAt + $segment->endsAt(), 2);
            $light = FaceLight::at($spot, false, $place, $at, $segment->setting->scene);
            $verdicts[] = ExposureVerdict::of('scout.window-exposure', $segment, $light, $day->face($at), $limits);
        }

        return $verdicts;
    }

    private static function window(Window $window, Spot $spot, GeoPoint $place, Segment $segment, LocalDay $day): Verdict
    {
        $all = $window->sunBetween($place, $spot->skyline, $day->startsAt(), $day->endsAt());
        $bearing = (int) round($window->bearingDeg);
        foreach ($all as $stretch) {
            $from = max($stretch->from, $segment->startsAt);
            $to = min($stretch->to, $segment->endsAt());
            if ($from < $to) {
                $middle = intdiv($from + $to, 2);
                $sun = Sun::at($place, $middle);
                $patch = round((float) $window->patchM($sun), 1);
                $reach =
                    $patch > self::DEEPEST_ROOM_M
                        ? 'its patch reaches right across the room. Turn their backs to it, or draw the curtain.'
                        : "its patch reaches {$patch} m into the room. Stand beyond it, or draw the curtain.";
                $elevation = (int) round($sun->elevationDeg);
                $azimuth = (int) round($sun->azimuthDeg);

                return Verdict::mind(
                    'scout.window-sun',
                    "Direct sun comes through {$window->name} from {$day->face($stretch->from)} to {$day->face(
                        $stretch->to,
                    )}, during {$segment->title}.",
                    "It looks to {$bearing}°; at {$day->face($middle)} the sun stands {$elevation}° high at {$azimuth}°, and {$reach}",
                    ['patch_m' => $patch],
                );
            }
        }
        $dark = self::dark($window, $place, $segment, $day);
        if ($dark !== null) {
            return $dark;
        }
        $when = implode(' and ', array_map(static fn (LightHours $s): string => "{$day->face($s->from)} to {$day->face($s->to)}", $all));

        return Verdict::fine(
            'scout.window-soft',
            "{$window->name} gives soft light throughout {$segment->title}.",
            $all === []
                ? "It looks to {$bearing}°, and that day no direct sun comes in."
                : "It looks to {$bearing}°, and direct sun comes in only from {$when}.",
            Looked::one("the sun at {$window->name} all day"),
        );
    }

    /** Before sunrise and after sunset a window gives nothing. */
    private static function dark(Window $window, GeoPoint $place, Segment $segment, LocalDay $day): ?Verdict
    {
        $isUp = static fn (int $at): bool => Sun::at($place, $at)->elevationDeg > 0;
        $ends = [$isUp($segment->startsAt), $isUp($segment->endsAt())];
        if ($ends === [true, true]) {
            return null;
        }
        $isAllDark = $ends === [false, false] && ! $isUp(intdiv($segment->startsAt + $segment->endsAt(), 2));

        return Verdict::mind(
            'scout.window-dark',
            $isAllDark
                ? "{$window->name} gives no light during {$segment->title}."
                : "{$window->name} does not give light throughout {$segment->title}.",
            ($isAllDark
                ? "The sun is down from {$day->face($segment->startsAt)} to {$day->face($segment->endsAt())}"
                : "At {$day->face($segment->startsAt)} the sun is ".($ends[0] ? 'up' : 'down').", at {$day->face($segment->endsAt())} ".
                    ($ends[1] ? 'up' : 'down')).': plan lamps or flash for the time without it.',
        );
    }
}
