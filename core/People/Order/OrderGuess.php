<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use Random\Randomizer;

/** A good order found quickly: from several beginnings, groups are moved elsewhere for as long as that helps. */
final class OrderGuess
{
    public function __construct(private readonly OrderProblem $problem, private readonly Randomizer $random) {}

    /**
     * @param  float  $seconds  after which no further beginning is tried
     * @return array{list<int>, int, int|float} order, meetings, waiting
     */
    public function best(float $seconds, int $starts): array
    {
        $end = hrtime(true) + (int) ($seconds * 1e9);
        $best = null;
        for ($start = 0; $start < $starts && ($best === null || hrtime(true) < $end); $start++) {
            $found = $this->improve($this->beginning($start), $end);
            $best = $best === null || [$found[1], $found[2]] < [$best[1], $best[2]] ? $found : $best;
        }

        return $best ?? [[], 0, 0];
    }

    /** @return list<int> biggest first, smallest first, then at random; precedence kept */
    private function beginning(int $start): array
    {
        $indexes = range(0, $this->problem->count - 1);
        $size = fn (int $g): int|float => $this->problem->weight($this->problem->people[$g]);
        match (true) {
            $start === 0 => usort($indexes, static fn (int $a, int $b): int => $size($b) <=> $size($a)),
            $start === 1 => usort($indexes, static fn (int $a, int $b): int => $size($a) <=> $size($b)),
            default => $indexes = $this->random->shuffleArray($indexes),
        };
        $order = [];
        $done = 0;
        while ($indexes !== []) {
            foreach ($indexes as $at => $index) {
                if (($this->problem->before[$index] & ~$done) === 0) {
                    $order[] = $index;
                    $done |= 1 << $index;
                    unset($indexes[$at]);
                    break;
                }
            }
        }

        return $order;
    }

    /**
     * @param  list<int>  $order
     * @return array{list<int>, int, int|float}
     */
    private function improve(array $order, int $end): array
    {
        $problem = $this->problem;
        $hasPairs = $problem->apart !== [];
        $hasPrecedence = array_filter($problem->before) !== [];
        $meetings = $problem->meetings($order);
        $waiting = $problem->quickWaiting($order);
        do {
            $isBetter = false;
            for ($from = 0; $from < $problem->count && hrtime(true) < $end; $from++) {
                $bestTo = null;
                $rest = $order;
                [$moved] = array_splice($rest, $from, 1);
                for ($to = 0; $to < $problem->count; $to++) {
                    if ($to === $from) {
                        continue;
                    }
                    $try = $rest;
                    array_splice($try, $to, 0, [$moved]);
                    if ($hasPrecedence && ! $problem->keepsPrecedence($try)) {
                        continue;
                    }
                    $m = $hasPairs ? $problem->meetings($try) : 0;
                    if ($m > $meetings) {
                        continue;
                    }
                    $w = $problem->quickWaiting($try);
                    if ($m < $meetings || $w < $waiting) {
                        [$bestTo, $meetings, $waiting] = [$try, $m, $w];
                    }
                }
                if ($bestTo !== null) {
                    $order = $bestTo;
                    $isBetter = true;
                }
            }
        } while ($isBetter && hrtime(true) < $end);

        return [array_values($order), $meetings, $problem->waiting($order)];
    }
}
