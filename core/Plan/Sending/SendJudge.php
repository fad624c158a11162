<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Looked;
use NorthSatchel\Plural;
use NorthSatchel\Some;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** Is what was promised early there in time, and what does a missed gap swamp (M39)? */
final class SendJudge
{
    private const MOST_NAMED = 3;

    public static function of(DaySending $sending): Verdicts
    {
        if ($sending->wanted === []) {
            return new Verdicts([
                Verdict::mind('send.nothing', 'Nothing is wanted early.', 'A line each: what, by when, from when it can be taken, how large.'),
            ]);
        }
        if ($sending->gaps === []) {
            return new Verdicts([
                Verdict::fix(
                    'send.no-gap',
                    'There is no gap in which to send.',
                    'Write down the pauses of the programme, or put time between segments: nobody sends while they shoot.',
                ),
            ]);
        }
        try {
            $plan = $sending->plan();
        } catch (ImpossibleValue $e) {
            return new Verdicts([Verdict::fix('send.gaps', 'The gaps cannot be as they are written.', "They {$e->must}.")]);
        }

        return new Verdicts(array_values(array_filter([self::late($sending, $plan), self::missed($sending, $plan), self::fine($sending, $plan)])));
    }

    private static function late(DaySending $sending, SendPlan $plan): ?Verdict
    {
        $late = $sending->late($plan);
        if ($late === []) {
            return null;
        }
        $count = array_sum($late);
        $rate = $sending->rateForAll();

        return Verdict::fix(
            'send.late',
            Plural::of($count, '1 picture is', "{$count} pictures are").' not there in time: '.self::named($late).'.',
            'All together take '.self::minutes($sending->neededS()).', the gaps have '.self::minutes($sending->openS()).'; '.
                match (true) {
                    ! $plan->isOptimal => 'no better order was found',
                    $sending->isEven() => 'no other order sends more in time',
                    default => 'no other order brings more worth in time',
                }.'. '.
                ($rate === null
                    ? 'No net is fast enough: another gap before they are due, or a later hour, is.'
                    : "At {$rate} MB/s all would be; smaller files, or a gap more, do the same."),
            ['late' => $count, 'rate_mb_s' => $rate],
        );
    }

    private static function missed(DaySending $sending, SendPlan $plan): ?Verdict
    {
        $missed = $sending->missed($plan);
        $first = $missed[0] ?? null;
        if ($first === null) {
            return null;
        }

        return Verdict::mind(
            'send.missed-gap',
            "If the gap “{$first->gap}” is missed, ".($first->pictures < 1
                ? 'something is late that is worth more than what is then sent.'
                : Plural::of($first->pictures, '1 picture more is late.', "{$first->pictures} pictures more are late.")),
            match (true) {
                count($sending->gaps) === 1 => 'There is no other.',
                count($missed) === 1 => 'The other gaps can be missed one at a time.',
                default => 'Next dearest to miss: '.
                    Some::of(array_map(static fn (MissedGap $m): string => $m->says(), array_slice($missed, 1)), self::MOST_NAMED).
                    ': send what is due first whenever there is a minute.',
            },
            ['pictures' => $first->pictures],
        );
    }

    private static function fine(DaySending $sending, SendPlan $plan): ?Verdict
    {
        $looked = Looked::at(count($plan->pictures), 'picture');

        return $looked === null || $sending->late($plan) !== []
            ? null
            : Verdict::fine(
                'send.in-time',
                'All that is wanted early is there in time.',
                "{$looked->words} at {$sending->rateMbS} MB/s: ".self::minutes($sending->neededS()).' of '.self::minutes($sending->openS()).
                    ' in the gaps. Measure the rate there, when the stands are full.',
                $looked,
            );
    }

    /** @param  array<string, int>  $counts */
    private static function named(array $counts): string
    {
        $words = [];
        foreach ($counts as $what => $count) {
            $words[] = $count === 1 ? (string) $what : "{$what} ({$count})";
        }

        return Some::of($words, self::MOST_NAMED);
    }

    private static function minutes(float $seconds): string
    {
        return $seconds < 120 ? round($seconds).' s' : round($seconds / 60, 1).' min';
    }
}
