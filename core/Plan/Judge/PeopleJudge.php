<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Remedy;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Can everybody who is needed be where they are needed, minute by minute? */
final class PeopleJudge
{
    public static function of(PlannedDay $day): Verdicts
    {
        $byPerson = [];
        foreach ($day->segments as $segment) {
            foreach ($segment->wants->people as $person) {
                $byPerson[mb_strtolower($person)][] = [$person, $segment];
            }
        }
        $verdicts = [];
        foreach ($byPerson as $needed) {
            usort($needed, static fn (array $a, array $b): int => [$a[1]->startsAt, $a[1]->id] <=> [$b[1]->startsAt, $b[1]->id]);
            for ($i = 1; $i < count($needed); $i++) {
                $verdicts[] = self::between($day, $needed[$i][0], $needed[$i - 1][1], $needed[$i][1]);
            }
        }

        return new Verdicts(array_filter($verdicts));
    }

    private static function between(PlannedDay $day, string $person, Segment $before, Segment $after): ?Verdict
    {
        [$from, $to] = [$day->siteOf($before), $day->siteOf($after)];
        $isElsewhere = $from !== null && $to !== null && ! $from->isSameAs($to);
        $way = $day->likelyWay($from, $to);
        $gap = intdiv($after->startsAt - $before->endsAt(), 60);
        // Two photographers may have one person at one place at one time.
        if ($gap >= $way || (! $isElsewhere && $gap < 0 && $before->lane !== $after->lane)) {
            return null;
        }
        $short = $way - $gap;
        $because =
            $gap < 0
                ? "{$before->title} has them until {$day->day->face($before->endsAt())}, {$after->title} from {$day->day->face(
                    $after->startsAt,
                )}".
                    ($way > 0 ? ', and the way takes '.Span::hours($way) : '').
                    ': '.Span::hours($short).' are missing.'
                : Span::hours($gap)." lie between, and the way to {$after->setting->name()} takes ".Span::hours($way).': '.
                    Span::hours($short).' are missing.';

        return Verdict::stop(
            'plan.person-twice',
            "{$person} is needed at {$before->title} and at {$after->title}.",
            $because,
            ['missing_minutes' => $short],
            $after->isAnchor
                ? null
                : new Remedy('segment.later', "Start {$after->title} ".Span::later($short), ['segment' => $after->id, 'minutes' => $short]),
        );
    }
}
