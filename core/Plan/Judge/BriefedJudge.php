<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plural;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;

/** Does the plan keep to the hours of its brief? Of its must-haves speaks MustHaveJudge, of the venue RestrictionJudge. */
final class BriefedJudge
{
    /**
     * Segments outside the hours that are covered.
     *
     * @param  int  $from  Unix seconds of the covered hours
     * @return list<Verdict>
     */
    public static function hours(PlannedDay $day, int $from, int $to): array
    {
        $verdicts = [];
        $early = array_values(array_filter($day->segments, static fn (Segment $s): bool => $s->startsAt < $from));
        $late = array_values(array_filter($day->segments, static fn (Segment $s): bool => $s->endsAt() > $to));
        $covered = "Covered are {$day->day->face($from)} to {$day->day->face($to)}";
        if ($early !== []) {
            $first = min(array_map(static fn (Segment $s): int => $s->startsAt, $early));
            $minutes = intdiv($from - $first, 60);
            $verdicts[] = Verdict::fix(
                'plan.before-hours',
                self::some($early).' '.Plural::of(count($early), 'starts', 'start').' before the covered hours.',
                "{$covered}, and the plan starts at {$day->day->face($first)}: ".Span::hours($minutes).' earlier. Agree on it, or start later.',
                ['minutes' => $minutes],
                new Remedy('brief.hours', "Cover from {$day->day->face($first)}", ['covered_from' => $day->day->face($first)]),
            );
        }
        if ($late !== []) {
            $last = max(array_map(static fn (Segment $s): int => $s->endsAt(), $late));
            $minutes = intdiv($last - $to + 59, 60);
            $verdicts[] = Verdict::fix(
                'plan.overtime',
                self::some($late).' '.Plural::of(count($late), 'runs', 'run').' beyond the covered hours.',
                "{$covered}, and the plan ends at {$day->day->face($last)}: ".Span::hours($minutes).
                    ' of overtime. Agree on it in writing, or let it end earlier.',
                ['minutes' => $minutes],
                new Remedy('brief.hours', "Cover until {$day->day->face($last)}", ['covered_to' => $day->day->clockOf($last)->text()]),
            );
        }

        return $verdicts;
    }

    /** @param  list<Segment>  $segments */
    private static function some(array $segments): string
    {
        return count($segments) === 1 ? $segments[0]->title : count($segments)." segments, {$segments[0]->title} among them,";
    }
}
