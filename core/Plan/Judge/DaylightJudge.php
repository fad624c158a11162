<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\SceneKind;
use NorthSatchel\Severity;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Some;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** Is the sun up while something is planned outdoors that was not planned for the dark? */
final class DaylightJudge
{
    /** Civil twilight: without lamps hardly a face is seen beyond it. */
    private const TWILIGHT_DEG = -6.0;

    /** What is done in the dark, and what follows a match, by the words that people use (common practice, no source). */
    private const NIGHTLY = '/\b(?:blue hour|dusk|dawn|twilight|sunrise|nights?|stars?|sparklers?|lanterns?|fireworks?|'.
        'torch(?:es)?|bonfires?|campfires?|celebrations?|trophy|podium|medals?|prizes?)\b/iu';

    /** @return list<Verdict> of a whole day; what is meant for the dark by its words is said once */
    public static function of(PlannedDay $day): array
    {
        $found = array_values(array_filter(array_map(static fn (Segment $s): ?Verdict => self::one($day, $s), $day->segments)));
        $isMeant = static fn (Verdict $v): bool => $v->code === 'plan.in-the-dark' && $v->severity === Severity::Mind;
        $meant = array_values(array_filter($found, $isMeant));
        if (count($meant) < 2) {
            return $found;
        }
        $titles = array_map(static fn (Verdict $v): string => (string) $v->figures['title'], $meant);
        [$sunrise, $sunset] = [(int) $day->sun?->sunrise(), (int) $day->sun?->sunset()];

        return [...array_values(array_filter($found, static fn (Verdict $v): bool => ! $isMeant($v))), Verdict::mind(
            'plan.in-the-dark',
            Some::of($titles, 4).' are outdoors without daylight.',
            "The sun is up from {$day->day->face($sunrise)} to {$day->day->face($sunset)}. Meter the lamps when they are on: nobody can forecast ".
                'them.',
            ['segments' => count($titles)],
        )];
    }

    private static function one(PlannedDay $day, Segment $segment): ?Verdict
    {
        if (! $segment->setting->isOutdoor || $segment->isBreak) {
            return null;
        }
        if ($day->sun === null) {
            return Verdict::mind(
                'plan.no-coordinates',
                "The light at {$segment->title} cannot be judged.",
                'Its place has no coordinates.',
            );
        }
        $sunset = $day->sun->sunset();
        $sunrise = $day->sun->sunrise();
        if ($sunset === null || $sunrise === null) {
            return null;
        }
        $isPlannedLate = in_array($segment->wants->light, [LightWanted::Dark, LightWanted::Golden, LightWanted::BeforeSunset], true);
        if ($segment->endsAt() > $sunset && ! $isPlannedLate) {
            return self::after($day, $day->sun, $segment, $sunset);
        }

        return $segment->startsAt < $sunrise ? self::before($day, $day->sun, $segment, $sunrise) : null;
    }

    private static function after(PlannedDay $day, SunDay $sun, Segment $segment, int $sunset): Verdict
    {
        $face = $day->day->face(...);
        $dusk = $sun->evening(self::TWILIGHT_DEG);
        $isDark = $dusk !== null && $segment->startsAt >= $dusk;
        if ($isDark || self::isNightly($segment)) {
            return (self::isNightly($segment) ? Verdict::mind(...) : Verdict::fix(...))(
                'plan.in-the-dark',
                "{$segment->title} is outdoors ".($isDark ? 'in the dark.' : 'after sunset.'),
                "Sunset is at {$face($sunset)}".($dusk === null ? '' : ", and the last light goes at {$face($dusk)}").
                    "; it runs from {$face($segment->startsAt)} to {$face($segment->endsAt())}.".
                    ($isDark ? ' If that is meant, say so, and it is planned for the dark; else start it earlier.' : ''),
                ['title' => $segment->title],
                remedy: $isDark
                    ? new Remedy('segment.light', 'It is meant for the dark', ['segment' => $segment->id, 'light' => LightWanted::Dark->value])
                    : null,
            );
        }
        $dark = (int) ceil(($segment->endsAt() - $sunset) / 60);

        return Verdict::fix(
            'plan.after-sunset',
            "The sun is down before {$segment->title} ends.",
            "Sunset is at {$face($sunset)}, {$segment->title} runs until {$face($segment->endsAt())}: ".Span::hours($dark).' too late for daylight.',
            ['minutes_after_sunset' => $dark],
            self::start($day, $segment, -$dark),
        );
    }

    private static function before(PlannedDay $day, SunDay $sun, Segment $segment, int $sunrise): Verdict
    {
        $face = $day->day->face(...);
        if (self::isNightly($segment)) {
            $dawn = $sun->morning(self::TWILIGHT_DEG);

            return Verdict::mind(
                'plan.in-the-dark',
                "{$segment->title} is outdoors before sunrise.",
                "Sunrise is at {$face($sunrise)}".($dawn === null ? '' : ", and the first light comes at {$face($dawn)}").
                    "; it runs from {$face($segment->startsAt)} to {$face($segment->endsAt())}.",
                ['title' => $segment->title],
            );
        }
        $dark = (int) ceil(($sunrise - $segment->startsAt) / 60);

        return Verdict::fix(
            'plan.before-sunrise',
            "{$segment->title} starts before the sun is up.",
            "Sunrise is at {$face($sunrise)}, ".Span::hours($dark).' after its start.',
            ['minutes_before_sunrise' => $dark],
            self::start($day, $segment, $dark),
        );
    }

    /** By its words, or where one plays under lamps. */
    private static function isNightly(Segment $segment): bool
    {
        return $segment->setting->scene === SceneKind::Action || preg_match(self::NIGHTLY, $segment->title) === 1;
    }

    private static function start(PlannedDay $day, Segment $segment, int $minutes): ?Remedy
    {
        return $segment->isAnchor
            ? null
            : new Remedy('segment.later', 'Start it at '.$day->day->face($segment->startsAt + 60 * $minutes), [
                'segment' => $segment->id,
                'minutes' => $minutes,
            ]);
    }
}
