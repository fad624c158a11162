<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Looked;
use NorthSatchel\Remedy;
use NorthSatchel\Some;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Span;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Several jobs on one day: do they fit as planned, and does another order leave more slack? */
final class StopsJudge
{
    /**
     * @param  list<Stop>  $stops
     * @param  array<int, string>  $names  by stop id
     * @param  array<int, int>  $starts  as planned, minutes since midnight, by stop id
     * @param  int  $now  when one may set out, minutes since midnight
     * @param  \Closure(int, int): ?int  $knownWay  minutes from place to place; null where nobody knows
     */
    public static function of(LocalDay $day, array $stops, array $names, array $starts, ?Round $best, int $now, \Closure $knownWay): Verdicts
    {
        $way = static fn (int $from, int $to): int => $knownWay($from, $to) ?? 0;
        $unknown = self::unknown($stops, $names, $knownWay);
        $clock = static fn (int $minute): string => $day->face($day->startsAt() + 60 * $minute);
        $tightest = self::tightest($stops, $starts, $way);
        $verdicts = [];
        if ($tightest !== null && $tightest['slack'] < 0) {
            $verdicts[] = Verdict::stop(
                'days.clash',
                "You cannot get from {$names[$tightest['from']]} to {$names[$tightest['to']]} in time.",
                "The first ends at {$clock($tightest['ends'])}, the way takes ".Span::hours($tightest['way']).", and the second starts at {$clock(
                    $starts[$tightest['to']],
                )}: ".
                    Span::hours(-$tightest['slack']).
                    ' are missing.',
                ['missing_minutes' => -$tightest['slack']],
            );
        }
        foreach ($stops as $stop) {
            $start = $starts[$stop->id];
            if (($stop->opens !== null && $start < $stop->opens) || ($stop->closes !== null && $start > $stop->closes)) {
                $verdicts[] = Verdict::fix(
                    'days.appointment',
                    "{$names[$stop->id]} is planned outside its appointment.",
                    'It may start from '.
                        ($stop->opens === null ? 'any time' : $clock($stop->opens)).
                        ' to '.
                        ($stop->closes === null ? 'any time' : $clock($stop->closes)).
                        ", and is planned for {$clock($start)}.",
                );
            }
        }
        if ($best === null) {
            $verdicts[] = self::impossible($stops, $names, $way);
        } elseif ($unknown !== null) {
            // Of an order that rests on ways that nobody knows nothing is claimed.
            $verdicts[] = $unknown;
        } elseif (count($stops) > 1) {
            $verdicts[] = self::better($names, $starts, $best, $now, $tightest, $clock, $verdicts !== []);
        }

        return new Verdicts($verdicts);
    }

    /**
     * @param  list<Stop>  $stops
     * @param  array<int, string>  $names
     * @param  \Closure(int, int): ?int  $way
     */
    private static function unknown(array $stops, array $names, \Closure $way): ?Verdict
    {
        $pairs = [];
        foreach ($stops as $i => $one) {
            foreach (array_slice($stops, $i + 1) as $other) {
                $isElsewhere = $one->place !== null && $other->place !== null && $one->place !== $other->place;
                if ($isElsewhere && $way($one->place, $other->place) === null && $way($other->place, $one->place) === null) {
                    $pairs[] = "{$names[$one->id]} and {$names[$other->id]}";
                }
            }
        }

        return $pairs === []
            ? null
            : Verdict::fix(
                'days.unknown-way',
                'Nobody knows the way between '.Some::of($pairs, 2, '; or between ').'.',
                'Which order is best hangs on it: put the places on the map; a town will do.',
                ['ways' => count($pairs)],
            );
    }

    /**
     * The handover with the least to spare, in the order of the planned starts.
     *
     * @param  list<Stop>  $stops
     * @param  array<int, int>  $starts
     * @param  \Closure(int, int): int  $way
     * @return array{from: int, to: int, ends: int, way: int, slack: int}|null null for a single stop
     */
    private static function tightest(array $stops, array $starts, \Closure $way): ?array
    {
        usort($stops, static fn (Stop $a, Stop $b): int => $starts[$a->id] <=> $starts[$b->id]);
        $tightest = null;
        for ($i = 1; $i < count($stops); $i++) {
            [$a, $b] = [$stops[$i - 1], $stops[$i]];
            $minutes = $a->place === null || $b->place === null || $a->place === $b->place ? 0 : $way($a->place, $b->place);
            $ends = $starts[$a->id] + $a->minutes;
            $slack = $starts[$b->id] - $ends - $minutes;
            $tightest =
                $tightest === null || $slack < $tightest['slack']
                    ? ['from' => $a->id, 'to' => $b->id, 'ends' => $ends, 'way' => $minutes, 'slack' => $slack]
                    : $tightest;
        }

        return $tightest;
    }

    /**
     * @param  array<int, string>  $names
     * @param  array<int, int>  $starts
     * @param  array{slack: int}|null  $tightest
     * @param  \Closure(int): string  $clock
     */
    private static function better(
        array $names,
        array $starts,
        Round $best,
        int $now,
        ?array $tightest,
        \Closure $clock,
        bool $isBroken,
    ): Verdict {
        $order = implode(', then ', array_map(static fn (int $id): string => "{$names[$id]} at {$clock($best->starts[$id])}", $best->order));
        $slack =
            $best->slackMinutes === null
                ? 'no appointment limits it'
                : "set out by {$clock($now + $best->slackMinutes)} and every appointment is kept";
        asort($starts);
        if (! $isBroken && array_keys($starts) === $best->order) {
            return Verdict::fine(
                'days.order',
                'The order of the day is the one with the most slack.',
                ucfirst($slack).($tightest === null ? '.' : ', and the tightest handover has '.Span::hours($tightest['slack']).'.'),
                Looked::one('all orders of '.count($starts).' jobs'),
                ['slack_minutes' => $best->slackMinutes],
            );
        }

        return Verdict::fix(
            'days.order',
            'Another order leaves the most slack.',
            "{$order}: {$slack}, over by {$clock($best->endsAt)}. No order does better: all were weighed.",
            ['slack_minutes' => $best->slackMinutes],
            new Remedy('days.order', 'Go in this order'),
        );
    }

    /**
     * @param  list<Stop>  $stops
     * @param  array<int, string>  $names
     * @param  \Closure(int, int): int  $way
     */
    private static function impossible(array $stops, array $names, \Closure $way): Verdict
    {
        $without = [];
        foreach ($stops as $stop) {
            $rest = array_values(array_filter($stops, static fn (Stop $s): bool => $s->id !== $stop->id));
            if (StopOrder::best(0, null, $rest, $way) !== null) {
                $without[] = $names[$stop->id];
            }
        }

        return Verdict::stop(
            'days.impossible',
            'No order keeps every appointment.',
            $without === []
                ? 'Even with one job fewer it would not: widen the appointments, or put two on other days.'
                : 'It would without '.
                    implode(', or without ', $without).
                    ': ask for another hour there, or put it on another day below.',
        );
    }
}
