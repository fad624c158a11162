<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

use NorthSatchel\ImpossibleValue;

/** The plan of what is sent in which gap: the most worth in time, and the rest in what is left over. */
final class SendSearch
{
    /**
     * @param  list<SendGap>  $gaps  in any order
     * @param  list<SendPicture>  $pictures
     *
     * @throws ImpossibleValue when a gap is empty or two overlap
     */
    public static function best(array $gaps, array $pictures): SendPlan
    {
        $open = new OpenTime($gaps);
        $ready = array_map(static fn (SendPicture $p): int => $open->before($p->readyMs), $pictures);
        $due = array_map(static fn (SendPicture $p): int => $open->before($p->dueMs), $pictures);
        $lengths = array_map(static fn (SendPicture $p): int => $p->lengthMs, $pictures);
        $worths = array_map(static fn (SendPicture $p): float => $p->worth, $pictures);
        $best = SendChoice::best($lengths, $ready, $due, $worths);
        // Whatever is due first goes first (J. R. Jackson, 1955); what cannot be in time then takes what is left, the shortest rest first.
        $runs = self::run($best->numbers, $ready, $lengths, [[0, $open->length()]], static fn (int $j, int $left): int => $due[$j]);
        $others = array_values(array_diff(array_keys($pictures), $best->numbers));
        $more = self::run($others, $ready, $lengths, self::idle($runs, $open->length()), static fn (int $j, int $left): int => $left);
        $runs = [...$runs, ...$more];
        usort($runs, static fn (array $a, array $b): int => $a[1] <=> $b[1]);
        $parts = [];
        foreach (self::joined($runs) as [$j, $from, $to]) {
            $parts = [...$parts, ...$open->parts($pictures[$j]->id, $from, $to)];
        }

        return new SendPlan($pictures, $parts, $best->isOptimal);
    }

    /**
     * @param  list<int>  $some
     * @param  list<int>  $ready
     * @param  list<int>  $lengths
     * @param  list<array{int, int}>  $free  stretches of open time
     * @param  \Closure(int, int): int  $rank  of a picture with so much left to send: the least goes first
     * @return list<array{int, int, int}> picture, from, to
     */
    private static function run(array $some, array $ready, array $lengths, array $free, \Closure $rank): array
    {
        $left = array_intersect_key($lengths, array_flip($some));
        $runs = [];
        foreach ($free as [$at, $end]) {
            while ($at < $end) {
                $next = null;
                $until = $end;
                foreach ($left as $j => $rest) {
                    if ($ready[$j] > $at) {
                        $until = min($until, $ready[$j]);
                    } elseif ($next === null || [$rank($j, $rest), $j] < [$rank($next, $left[$next]), $next]) {
                        $next = $j;
                    }
                }
                if ($next !== null) {
                    $until = min($until, $at + $left[$next]);
                    $runs[] = [$next, $at, $until];
                    $left[$next] -= $until - $at;
                    $left = array_filter($left);
                }
                $at = $until;
            }
        }

        return $runs;
    }

    /**
     * @param  list<array{int, int, int}>  $runs  in the order of time
     * @return list<array{int, int}> what lies between them
     */
    private static function idle(array $runs, int $length): array
    {
        $idle = [];
        $at = 0;
        foreach ([...$runs, [0, $length, $length]] as [, $from, $to]) {
            if ($from > $at) {
                $idle[] = [$at, $from];
            }
            $at = $to;
        }

        return $idle;
    }

    /**
     * @param  list<array{int, int, int}>  $runs  in the order of time
     * @return list<array{int, int, int}> of one picture without a break as one
     */
    private static function joined(array $runs): array
    {
        $joined = [];
        foreach ($runs as $run) {
            [$j, $from, $to] = $run;
            [$before, $start, $end] = $joined === [] ? [null, 0, 0] : $joined[count($joined) - 1];
            if ($before === $j && $end === $from) {
                array_pop($joined);
                $from = $start;
            }
            $joined[] = [$j, $from, $to];
        }

        return $joined;
    }
}
