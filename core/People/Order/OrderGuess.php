<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;
use Random\Randomizer;

/** A good order found quickly: from several beginnings, groups are moved elsewhere for as long as that helps. */
final class OrderGuess
{
    /** From the third on the best one is shaken; now and then that beats a fresh beginning. */
    private const BEGINNINGS = 4;

    private const STRETCH = 6;

    private const TRIES = 8;

    public function __construct(private readonly OrderProblem $problem, private readonly Randomizer $random) {}

    /**
     * @param  Patience  $patience  after which no further beginning is tried
     * @return array{list<int>, int, int|float} order, meetings, waiting
     */
    public function best(Patience $patience, int $starts): array
    {
        $best = null;
        for ($start = 0; $start < 2 * $starts && ($best === null || ! $patience->isOver()); $start++) {
            $found = $this->improve(
                $best === null || $start < self::BEGINNINGS ? $this->beginning($start) : $this->shaken($best[0]),
                $patience,
            );
            $best = $best === null || [$found[1], $found[2]] < [$best[1], $best[2]] ? $found : $best;
        }

        return $best ?? [[], 0, 0];
    }

    /**
     * The best one with a stretch of it put elsewhere, perhaps turned around.
     *
     * @param  list<int>  $order
     * @return list<int>
     */
    private function shaken(array $order): array
    {
        for ($try = 0; $try < self::TRIES && count($order) > 3; $try++) {
            $size = $this->random->getInt(2, max(2, min(self::STRETCH, count($order) - 2)));
            $rest = $order;
            $stretch = array_splice($rest, $this->random->getInt(0, count($order) - $size), $size);
            array_splice(
                $rest,
                $this->random->getInt(0, count($rest)),
                0,
                $this->random->getInt(0, 1) === 1 ? array_reverse($stretch) : $stretch,
            );
            if ($this->problem->keepsPrecedence($rest)) {
                return $rest;
            }
        }

        return $order;
    }

    /** @return list<int> biggest first, smallest first, then at random; precedence kept */
    private function beginning(int $start): array
    {
        $indexes = range(0, $this->problem->count - 1);
        $size = fn (int $g): int|float => $this->problem->weight($this->problem->people[$g]);
        match (true) {
            $start === 0 => usort($indexes, static fn (int $a, int $b): int => $size($b) <=> $size($a)),
            $start === 1 => usort($indexes, static fn (int $a, int $b): int => $size($a) <=> $size($b)),
            default => ($indexes = $this->random->shuffleArray($indexes)),
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
    private function improve(array $order, Patience $patience): array
    {
        $problem = $this->problem;
        $hasPairs = $problem->apart !== [];
        $hasPrecedence = array_filter($problem->before) !== [];
        $meetings = $problem->meetings($order);
        $waiting = $problem->quickWaiting($order);
        // Single groups first; when none helps any more, stretches of two and more, as they stand or turned around.
        for ($size = 1; $size <= self::STRETCH && $size < $problem->count && ! $patience->isOver(); $size++) {
            $isBetter = false;
            for ($from = 0; $from <= $problem->count - $size && ! $patience->isOver(); $from++) {
                $best = null;
                $rest = $order;
                $moved = array_splice($rest, $from, $size);
                foreach ($size === 1 ? [$moved] : [$moved, array_reverse($moved)] as $turned => $stretch) {
                    for ($to = 0; $to <= count($rest); $to++) {
                        if ($to === $from && $turned === 0) {
                            continue;
                        }
                        $try = [...array_slice($rest, 0, $to), ...$stretch, ...array_slice($rest, $to)];
                        if ($hasPrecedence && ! $problem->keepsPrecedence($try)) {
                            continue;
                        }
                        $m = $hasPairs ? $problem->meetings($try) : 0;
                        if ($m > $meetings) {
                            continue;
                        }
                        $w = $problem->quickWaiting($try);
                        if ($m < $meetings || $w < $waiting) {
                            [$best, $meetings, $waiting] = [$try, $m, $w];
                        }
                    }
                }
                if ($best !== null) {
                    $order = $best;
                    $isBetter = true;
                }
            }
            $size = $isBetter ? 0 : $size;
        }

        return [array_values($order), $meetings, $problem->waiting($order)];
    }
}
