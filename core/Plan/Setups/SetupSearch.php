<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\ImpossibleValue;

/**
 * The order of elements that takes the least, among equals with the fewest changes of setup. Once in a setup, everything that can be taken
 * there is: it costs nothing more and only opens what waits for it. So a state is what is done and where one is, and the least way to the
 * last is looked for with a bound on what is left (A*: P. Hart, N. Nilsson and B. Raphael, 1968): each setup has to be entered as often as
 * a chain of elements alternates between it and others.
 */
final class SetupSearch
{
    /** Whole numbers have room for so many elements as bits. */
    private const MOST_BITS = 62;

    /** States of one search: below a second. */
    private const MOST_STATES = 60_000;

    private function __construct(private readonly SetupGraph $graph) {}

    /**
     * @param  list<SetupElement>  $elements
     * @param  string|null  $start  the setup that stands; null where the first is free
     *
     * @throws ImpossibleValue when what comes after what goes in a circle
     */
    public static function best(array $elements, SetupChanges $changes, ?string $start = null): SetupOrder
    {
        return (new self(new SetupGraph($elements, $changes, $start)))->found();
    }

    private function found(): SetupOrder
    {
        $count = count($this->graph->elements);
        $total = array_sum(array_map(static fn (SetupElement $e): int => $e->minutes, $this->graph->elements));
        if ($count === 0) {
            return new SetupOrder([], 0, 0, 0, true);
        }
        $greedy = $this->greedy();
        if ($count > self::MOST_BITS) {
            return $this->told($greedy, $total, $total + $this->graph->leftOfAll(), false);
        }
        /** @var \SplPriorityQueue<int, array{int, int, int, string, int}> $queue  what is done, where one is, what it cost, its key, the bound */
        $queue = new \SplPriorityQueue();
        /** @var array<string, int> $cost */
        $cost = [];
        /** @var array<string, string|null> $from */
        $from = [];
        $put = function (int $done, int $setup, int $so, ?string $before) use ($queue, &$cost, &$from): void {
            $done = $this->graph->taken($done, $setup);
            $key = "{$done} {$setup}";
            if (! isset($cost[$key]) || $so < $cost[$key]) {
                $cost[$key] = $so;
                $from[$key] = $before;
                $bound = $so + $this->graph->left($done);
                $queue->insert([$done, $setup, $so, $key, $bound], -$bound);
            }
        };
        foreach (array_keys($this->graph->setups) as $setup) {
            if ($this->graph->canTake(0, $setup)) {
                $put(0, $setup, $this->graph->step($this->graph->start, $setup), null);
            }
        }
        $all = (1 << $count) - 1;
        for ($states = 0; ! $queue->isEmpty() && $states < self::MOST_STATES; $states++) {
            /** @var array{int, int, int, string, int} $next */
            $next = $queue->extract();
            [$done, $setup, $so, $key] = $next;
            if ($done === $all) {
                return $this->told($this->walked($key, $from), $total, null, true);
            }
            if ($so > $cost[$key]) {
                continue;
            }
            foreach (array_keys($this->graph->setups) as $to) {
                if ($to !== $setup && $this->graph->canTake($done, $to)) {
                    $put($done, $to, $so + $this->graph->step($this->graph->setups[$setup], $to), $key);
                }
            }
        }
        /** @var array{int, int, int, string, int}|null $first */
        $first = $queue->isEmpty() ? null : $queue->extract();
        $bound = $first[4] ?? 0;

        return $this->told($greedy, $total, $total + intdiv($bound, SetupGraph::MINUTE), false);
    }

    /**
     * @param  array<string, string|null>  $from
     * @return list<int> numbers of setups, one behind the other
     */
    private function walked(string $key, array $from): array
    {
        $way = [];
        for ($at = $key; $at !== null; $at = $from[$at]) {
            array_unshift($way, (int) explode(' ', $at)[1]);
        }

        return $way;
    }

    /** @return list<int> numbers of setups: always the nearest in which something can be taken */
    private function greedy(): array
    {
        $way = [];
        /** @var array<int, true> $done */
        $done = [];
        $at = $this->graph->start;
        while (count($done) < count($this->graph->elements)) {
            $best = null;
            foreach (array_keys($this->graph->setups) as $setup) {
                $free = array_filter(array_keys($this->graph->elements), fn (int $n): bool => ! isset($done[$n])
                    && $this->graph->setupOf[$n] === $setup && array_diff($this->graph->before[$n], array_keys($done)) === []);
                $step = $this->graph->step($at, $setup);
                if ($free !== [] && ($best === null || $step < $best[1])) {
                    $best = [$setup, $step];
                }
            }
            if ($best === null) {
                break;
            }
            $way[] = $best[0];
            $at = $this->graph->setups[$best[0]];
            do {
                $had = count($done);
                foreach (array_keys($this->graph->elements) as $n) {
                    if ($this->graph->setupOf[$n] === $best[0] && array_diff($this->graph->before[$n], array_keys($done)) === []) {
                        $done[$n] = true;
                    }
                }
            } while (count($done) > $had);
        }

        return $way;
    }

    /**
     * @param  list<int>  $way  numbers of setups
     * @param  int|null  $bound  null where it is the best
     */
    private function told(array $way, int $minutes, ?int $bound, bool $isOptimal): SetupOrder
    {
        $order = [];
        $changes = 0;
        /** @var array<int, true> $done */
        $done = [];
        $at = $this->graph->start;
        foreach ($way as $setup) {
            $step = $this->graph->step($at, $setup);
            $minutes += intdiv($step, SetupGraph::MINUTE);
            $changes += $step % SetupGraph::MINUTE;
            $at = $this->graph->setups[$setup];
            do {
                $had = count($done);
                foreach ($this->graph->elements as $n => $element) {
                    $isHere = ! isset($done[$n]) && $this->graph->setupOf[$n] === $setup;
                    if ($isHere && array_diff($this->graph->before[$n], array_keys($done)) === []) {
                        $done[$n] = true;
                        $order[] = $element->id;
                    }
                }
            } while (count($done) > $had);
        }
        $isBest = $isOptimal || $bound === $minutes && $changes === 0;

        return new SetupOrder($order, $minutes, $changes, $isBest ? $minutes : min($minutes, (int) $bound), $isBest);
    }
}
