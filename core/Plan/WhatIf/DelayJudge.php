<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Exposure\SceneExposure;
use NorthSatchel\Exposure\Settings;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Plan\Light\PlannedExposure;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\SceneKind;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/**
 * What hours of rain give and take (M15): the time that comes free, the light and the exposure of what comes later, blur or grain with the
 * price of each, and the way home. Speeds, distances and minutes are common practice, no source.
 */
final class DelayJudge
{
    /** Less is a pause and no gift. */
    private const LEAST_MIN = 30;

    private const A_CHARGE_MIN = 120;

    private const SEEN_STOPS = 1.0;

    private const LATE_HOUR = 23;

    private const LONG_DAY_MIN = 720;

    private const RUN_M_S = 8.0;

    private const WALK_M_S = 1.4;

    private const AWAY_M = 20.0;

    private const TELE_MM = 200.0;

    /** Of people who are photographed from near. */
    private const NEAR_M = 3.0;

    private const SHORT_MM = 50.0;

    /** Whoever stands is sharp from so fast on, in parts of a second (common practice, no source). */
    private const STANDING = 60;

    private const PIXEL_UM = 4.4;

    /** @param  PlannedDay  $after  the same day, moved */
    public static function of(PlannedDay $before, PlannedDay $after, ?GeoPoint $place): Verdicts
    {
        $later = [];
        foreach ($before->segments as $segment) {
            foreach ($after->segments as $moved) {
                if ($moved->id === $segment->id && $moved->startsAt > $segment->startsAt) {
                    $later[] = [$segment, $moved];
                }
            }
        }
        if ($later === []) {
            return new Verdicts([
                Verdict::mind('delay.nothing', 'Nothing is outdoors that day.', 'Rain delays what is marked as outdoors; the rest stays as it is.'),
            ]);
        }

        return new Verdicts(array_values(array_filter([
            ...self::gives($before, $after, $later, $place),
            ...array_map(static fn (array $of): ?Verdict => self::light($after, $of[0], $of[1], $place), $later),
            self::home($before, $after),
        ])));
    }

    /**
     * @param  non-empty-list<array{Segment, Segment}>  $later
     * @return list<Verdict>
     */
    private static function gives(PlannedDay $before, PlannedDay $after, array $later, ?GeoPoint $place): array
    {
        $found = [];
        foreach ($after->lanes() as $name => $lane) {
            $own = array_values(array_filter($later, static fn (array $of): bool => in_array($of[1], $lane, true)));
            if ($own === []) {
                continue;
            }
            $from = min(array_map(static fn (array $of): int => $of[0]->startsAt, $own));
            $to = min(array_map(static fn (array $of): int => $of[1]->startsAt, $own));
            $stays = array_values(array_filter($lane, static fn (Segment $s): bool => $s->startsAt < $to && $s->endsAt() > $from));
            $free = self::free($from, $to, $stays);
            $minutes = array_sum(array_map(static fn (array $gap): int => intdiv($gap[1] - $gap[0], 60), $free));
            if ($minutes < self::LEAST_MIN) {
                continue;
            }
            $times = array_map(static fn (array $gap): string => $before->day->face($gap[0]).' to '.$before->day->face($gap[1]), $free);
            $hasMeal = array_filter($stays, static fn (Segment $s): bool => $s->isBreak) !== [];
            $charges = intdiv($minutes, self::A_CHARGE_MIN);
            $sun = $place === null ? null : Sun::at($place, $to);
            $light = match (true) {
                $sun === null => 'the light by then',
                $sun->elevationDeg <= 0 => 'a sun that is down by then',
                default => 'the sun at '.round($sun->azimuthDeg).'° and '.round($sun->elevationDeg).'° high by then',
            };
            $found[] = Verdict::mind(
                'delay.gives',
                'The delay gives '.Lane::person($name).' '.Span::hours($minutes).': '.implode(', ', $times).'.',
                ($hasMeal ? 'A meal is planned in it' : 'Eat: no meal is planned in it').'; '.
                    match ($charges) {
                        0 => 'top the cells up',
                        1 => 'charge: one charger fills 1 cell',
                        default => "charge: one charger fills {$charges} cells, one after the other",
                    }.'; dry bodies, cloths and shoes before anything goes back into a bag; send what there is; '.
                    "walk the posts and spots for {$light}.",
                ['minutes' => $minutes],
            );
        }

        return $found;
    }

    /**
     * @param  list<Segment>  $stays
     * @return list<array{int, int}> Unix seconds
     */
    private static function free(int $from, int $to, array $stays): array
    {
        $free = [];
        foreach ($stays as $segment) {
            if ($segment->startsAt > $from) {
                $free[] = [$from, min($to, $segment->startsAt)];
            }
            $from = max($from, $segment->endsAt());
        }

        return $from < $to ? [...$free, [$from, $to]] : $free;
    }

    private static function light(PlannedDay $day, Segment $before, Segment $after, ?GeoPoint $place): ?Verdict
    {
        // The light of a spot is told with what is said of it.
        if ($before->isBreak || $place === null || $after->wants->spotId !== null) {
            return null;
        }
        $at = static fn (Segment $s): int => intdiv($s->startsAt + $s->endsAt(), 2);
        $light = FaceLight::at(null, true, $place, $at($after), $after->setting->scene);
        [$was, $is] = [FaceLight::at(null, true, $place, $at($before), $before->setting->scene)->ev100, $light->ev100];
        if (abs($is - $was) < self::SEEN_STOPS) {
            return null;
        }
        $planned = PlannedExposure::of($after, $light);
        $sharp = $planned->settings;
        // What is under is made up by ISO, or by the shutter.
        $wanted = $sharp->iso * 2 ** $planned->stopsUnder;
        $iso = (int) round($wanted, 1 - (int) floor(log10($wanted)));
        $slow = $planned->stopsUnder > 0 || $sharp->iso <= SceneExposure::CALM_ISO
            ? (int) max(1, round($sharp->shutter / 2 ** $planned->stopsUnder))
            : (int) max(1, round($sharp->shutter * SceneExposure::CALM_ISO / $sharp->iso));
        $calm = $planned->stopsUnder > 0 ? $sharp->iso : min($sharp->iso, SceneExposure::CALM_ISO);

        return Verdict::mind(
            'delay.light',
            "{$after->title} comes at EV ".round($is, 1).' instead of '.round($was, 1).'.',
            "At {$day->day->face($at($after))}, {$light->why}: start at {$planned->says()}".
                ($planned->stopsUnder > 0 ? ", {$planned->stopsUnder} stops under" : '').'. '.
                ($slow < $sharp->shutter ? self::choice($after, $sharp, $iso, $slow, $calm) : 'Neither blur nor grain has to be chosen.').
                (self::isPlayed($after) && Sun::at($place, $at($after))->elevationDeg <= 0
                    ? ' Under floodlights it is about EV 9: meter them when they are on.'
                    : ''),
            ['ev100' => round($is, 1), 'ev100_before' => round($was, 1), 'stops_under' => $planned->stopsUnder],
        );
    }

    /** Blur or grain, each with its price. */
    private static function choice(Segment $segment, Settings $sharp, int $iso, int $slow, int $calm): string
    {
        [$speed, $away, $focal] = self::isPlayed($segment)
            ? [self::RUN_M_S, self::AWAY_M, self::TELE_MM]
            : [self::WALK_M_S, self::NEAR_M, self::SHORT_MM];
        $pixels = round(MotionBlur::of($speed, $away, $focal, 1 / $slow, self::PIXEL_UM)->pixels);
        $still = match (true) {
            self::isPlayed($segment) => 'followed, the ground does',
            $slow >= self::STANDING => 'who stands is sharp',
            default => 'who stands wants a support for the camera, and holds still',
        };

        return "Grain: 1/{$sharp->shutter} s wants ISO {$iso}. Blur: ISO {$calm} wants 1/{$slow} s, and who goes across at {$speed} m/s, ".
            "{$away} m off with {$focal} mm, streaks over {$pixels} pixels; {$still}. A lens of f/1.4 takes two stops of either.";
    }

    private static function isPlayed(Segment $segment): bool
    {
        return ($segment->setting->scene ?? SceneKind::of($segment->title)) === SceneKind::Action;
    }

    /** One came for the day as it was planned: from then on the hours count. */
    private static function home(PlannedDay $before, PlannedDay $day): ?Verdict
    {
        $first = min([PHP_INT_MAX, ...array_map(static fn (Segment $s): int => $s->startsAt, $before->segments)]);
        $last = max([0, ...array_map(static fn (Segment $s): int => $s->endsAt(), $day->segments)]);
        $minutes = intdiv($last - $first, 60);
        $isLate = $last >= $day->day->startsAt() + 3600 * self::LATE_HOUR;

        return ! $isLate && $minutes <= self::LONG_DAY_MIN
            ? null
            : Verdict::mind(
                'delay.home',
                "The last of it ends at {$day->day->face($last)}, ".Span::hours($minutes).' after the first was to begin.',
                'Nobody drives home tired: a bed there, or somebody else at the wheel. Look when the gate, the car park and the last train close, '.
                    'and who is told that it will be late.',
                ['minutes' => $minutes],
            );
    }
}
