<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\OpenHours;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Does a segment get the light and the hours that it asks for? */
final class WantsJudge
{
    public static function of(PlannedDay $day): Verdicts
    {
        $verdicts = [];
        foreach ($day->segments as $segment) {
            $verdicts[] = self::hours($day, $segment);
            $verdicts[] = self::light($day, $segment);
        }

        return new Verdicts(array_filter($verdicts));
    }

    /**
     * From when and until when the wanted light lasts; null where the sun's day has none, or any will do.
     *
     * @return OpenHours|null Unix seconds, null for an open side
     */
    public static function stretch(LightWanted $light, SunDay $sun, int $near): ?OpenHours
    {
        return match ($light) {
            LightWanted::Golden => self::golden($sun, $near),
            LightWanted::BeforeSunset => $sun->sunset() === null ? null : new OpenHours(from: $sun->sunrise(), to: $sun->sunset()),
            LightWanted::Dark => $sun->evening(-6) === null ? null : new OpenHours(from: $sun->evening(-6), to: null),
            LightWanted::Any, LightWanted::OpenShade => null,
        };
    }

    /** @return OpenHours|null the golden light that is nearer */
    private static function golden(SunDay $sun, int $near): ?OpenHours
    {
        $best = null;
        foreach ([$sun->goldenMorning(), $sun->goldenEvening()] as $window) {
            if ($window === null) {
                continue;
            }
            $middle = intdiv(($window->from ?? $sun->solarNoon) + ($window->to ?? $sun->solarNoon), 2);
            if ($best === null || abs($middle - $near) < abs($best[0] - $near)) {
                $best = [$middle, new OpenHours(from: $window->from, to: $window->to)];
            }
        }

        return $best[1] ?? null;
    }

    private static function light(PlannedDay $day, Segment $segment): ?Verdict
    {
        $light = $segment->wants->light;
        if (in_array($light, [LightWanted::Any, LightWanted::OpenShade], true)) {
            return null;
        }
        if ($day->sun === null) {
            return Verdict::mind(
                'plan.no-coordinates',
                "Whether {$segment->title} gets its {$light->value} light cannot be judged.",
                'Its place has no coordinates.',
            );
        }
        $stretch = self::stretch($light, $day->sun, intdiv($segment->startsAt + $segment->endsAt(), 2));
        if ($stretch === null) {
            return Verdict::fix(
                'plan.light-never',
                "There is no {$light->value} light for {$segment->title} that day.",
                'The sun does not pass through those heights at that place on that date.',
            );
        }
        $early = $stretch->from === null ? 0 : max(0, $stretch->from - $segment->startsAt);
        $late = $stretch->to === null ? 0 : max(0, $segment->endsAt() - $stretch->to);
        if ($early + $late === 0) {
            return null;
        }
        $minutes = (int) ceil(($early > 0 ? $early : $late) / 60);
        $from = $stretch->from === null ? 'the morning' : $day->day->face($stretch->from);
        $to = $stretch->to === null ? 'the end of the night' : $day->day->face($stretch->to);
        $fits = $stretch->from === null || $stretch->to === null || $segment->minutes * 60 <= $stretch->to - $stretch->from;
        $remedy =
            $segment->isAnchor || ! $fits || ($early > 0 && $late > 0)
                ? null
                : new Remedy('segment.later', 'Start it '.Span::later($early > 0 ? $minutes : -$minutes), [
                    'segment' => $segment->id,
                    'minutes' => $early > 0 ? $minutes : -$minutes,
                ]);
        $name = ['golden' => 'golden light', 'dark' => 'the dark', 'before sunset' => 'daylight'][$light->value] ?? $light->value;

        return Verdict::fix(
            'plan.light-missed',
            "{$segment->title} misses the ".($light === LightWanted::Dark ? 'dark' : $name).' it is planned for.',
            ucfirst($name).
                " lasts from {$from} to {$to}; it is planned from {$day->day->face($segment->startsAt)} to {$day->day->face(
                    $segment->endsAt(),
                )}.",
            ['minutes' => $minutes],
            $remedy,
        );
    }

    private static function hours(PlannedDay $day, Segment $segment): ?Verdict
    {
        $earliest = $segment->wants->earliestAt;
        $latest = $segment->wants->latestEndAt;
        $move = static fn (int $by): ?Remedy => $segment->isAnchor
            ? null
            : new Remedy('segment.later', 'Start it '.Span::later($by), [
                'segment' => $segment->id,
                'minutes' => $by,
            ]);
        if ($earliest !== null && $segment->startsAt < $earliest) {
            $by = (int) ceil(($earliest - $segment->startsAt) / 60);

            return Verdict::fix(
                'plan.too-early',
                "{$segment->title} starts before it can.",
                "You wrote not before {$day->day->face($earliest)}; it is planned for {$day->day->face(
                    $segment->startsAt,
                )}, ".Span::hours($by).' too early.',
                ['minutes' => $by],
                $move($by),
            );
        }
        if ($latest !== null && $segment->endsAt() > $latest) {
            $by = (int) ceil(($segment->endsAt() - $latest) / 60);

            return Verdict::fix(
                'plan.too-late',
                "{$segment->title} runs longer than it may.",
                "You wrote over by {$day->day->face($latest)}; it ends at {$day->day->face($segment->endsAt())}, ".Span::hours($by).' too late.',
                ['minutes' => $by],
                $move(-$by),
            );
        }

        return null;
    }
}
