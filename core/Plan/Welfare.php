<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Plan\Setups\ElementDay;
use NorthSatchel\Remedy;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\Lane;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Nine hours without food (M21): a long day needs a meal in it, and not only at its end. */
final class Welfare
{
    /** Longer than this without a break is too long (common practice, no source). */
    private const LONGEST_S = 6 * 3600;

    /** A meal, and what lies before and after it (common practice, no source). */
    private const MEAL_MINUTES = 20;

    private const MARGIN_MINUTES = 5;

    public static function of(PlannedDay $day): Verdicts
    {
        $verdicts = [];
        foreach ($day->lanes() as $lane => $segments) {
            $since = $segments[0]->startsAt;
            $end = $since;
            foreach ($segments as $segment) {
                $end = max($end, $segment->endsAt());
                if ($segment->isBreak) {
                    $verdicts[] = self::stretch($day, $lane, $since, $segment->startsAt);
                    $since = $segment->endsAt();
                }
            }
            $verdicts[] = self::stretch($day, $lane, $since, $end);
        }

        return new Verdicts(array_filter($verdicts));
    }

    /** Of a day of elements, which no lane of the plan needs to hold. */
    public static function ofElements(ElementDay $day): ?Verdict
    {
        $long = $day->longestOnFoot();

        return 60 * $long->minutes() <= self::LONGEST_S ? null : Verdict::mind(
            'elements.no-meal',
            'Nobody eats for '.Span::hours($long->minutes()).'.',
            'From '.ClockTime::face($long->from).' to '.ClockTime::face($long->to).
                ' one element follows the other: mark a meal in the plan, and they are laid around it.',
            ['minutes' => $long->minutes()],
        );
    }

    private static function stretch(PlannedDay $day, string $lane, int $from, int $to): ?Verdict
    {
        if ($to - $from <= self::LONGEST_S) {
            return null;
        }
        $hours = Span::hours(intdiv($to - $from, 60));
        $at = self::roomFor($day, $lane, $from, $to);

        return Verdict::mind(
            'plan.no-meal',
            ucfirst(Lane::person($lane))." has no meal for {$hours}.",
            "Nothing between {$day->day->face($from)} and {$day->day->face(
                $to,
            )} is marked as a meal or a rest: plan one, and water, before the hands get slow.".self::left($from, $to, $at),
            ['minutes' => intdiv($to - $from, 60)],
            $at === null
                ? null
                : new Remedy('segment.meal', "A meal at {$day->day->face($at)}", [
                    'lane' => $lane,
                    'start_clock' => $day->day->clockOf($at)->text(),
                    'minutes' => self::MEAL_MINUTES,
                    'date' => $day->day->date,
                ]),
        );
    }

    /** What a meal at that time leaves too long. */
    private static function left(int $from, int $to, ?int $at): string
    {
        $parts = $at === null ? [] : ['before' => $at - $from, 'after' => $to - $at - 60 * self::MEAL_MINUTES];
        $long = array_filter($parts, static fn (int $s): bool => $s > self::LONGEST_S);
        $said = array_map(static fn (int $s, string $where): string => Span::hours(intdiv($s, 60))." {$where} it", $long, array_keys($long));

        return $said === [] ? '' : ' The one that finds room leaves '.implode(' and ', $said).': carry something to eat as well.';
    }

    /** Where between two segments of a lane a meal finds room, the way counted: nearest to the middle of the long stretch. */
    private static function roomFor(PlannedDay $day, string $lane, int $from, int $to): ?int
    {
        $best = null;
        foreach ($day->handovers() as $h) {
            $first = $h->before->endsAt() + 60 * self::MARGIN_MINUTES;
            $last = $first + 60 * ($h->slackMinutes() - self::MEAL_MINUTES - 2 * self::MARGIN_MINUTES);
            if ($h->lane === $lane && $first >= $from && $h->after->startsAt <= $to && $last >= $first) {
                $middle = intdiv($from + $to, 2);
                $at = max($first, min($last, $middle - 30 * self::MEAL_MINUTES));
                $at -= $at % 300 === 0 || $at - $at % 300 < $first ? 0 : $at % 300;
                $off = abs($at - $middle);
                $best = $best === null || $off < $best[0] ? [$off, $at] : $best;
            }
        }

        return $best[1] ?? null;
    }
}
