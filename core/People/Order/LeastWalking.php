<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;

/**
 * The order in which the fewest people walk in and out between groups. With an empty frame before the first and
 * after the last it is a round tour, so what is still to walk is bounded by a spanning tree whose edges carry prices on
 * the groups ({@see WalkingTree}); branch and bound, a group at a time. Fewest meetings of people kept apart come first, by a
 * price on those changes that no walking outweighs.
 */
final class LeastWalking
{
    private const MEETING = 100_000;

    private const MOST_KEPT = 400_000;

    private readonly int $count;

    /** @var array<int, array<int, int>> people who walk, between two groups */
    private array $walks = [];

    private readonly Earlier $earlier;

    /** @var array<int, int> by group, those that must come before it as bits */
    private readonly array $before;

    private readonly WalkingTree $tree;

    /** @var list<int> */
    private array $best = [];

    private int $bestCost = PHP_INT_MAX;

    /** @var array<int, array<int, int>> the least that it took to get to a group, by those done */
    private array $seen = [];

    private int $kept = 0;

    private int $looks = 0;

    private bool $isCut = false;

    /**
     * @param  list<list<string>>  $groups  the people in each
     * @param  list<array{int, int}>  $before  indexes of groups, the first earlier
     * @param  list<array{string, string}>  $apart  people
     */
    public function __construct(array $groups, array $before = [], array $apart = [])
    {
        $this->count = count($groups);
        foreach ($groups as $i => $one) {
            foreach ($groups as $j => $other) {
                $this->walks[$i][$j] =
                    count(array_diff($one, $other)) +
                    count(array_diff($other, $one)) +
                    (self::isMeeting($one, $other, $apart) ? self::MEETING : 0);
            }
        }
        $this->earlier = Earlier::of($this->count, $before);
        $this->before = $this->earlier->before;
        $this->tree = new WalkingTree($this->walks);
    }

    /**
     * @param  Patience  $patience  after which the best found so far is given, with what none falls below
     * @return WalkingOrder walks of the change-overs alone, without meetings'
     *     price
     */
    public function best(Patience $patience): WalkingOrder
    {
        if ($this->count === 0) {
            return new WalkingOrder(order: [], walks: 0, lowerBound: 0, isOptimal: true);
        }
        $this->begin();
        $root = $this->tree->priced();
        if (WalkingTree::whole($root) < $this->bestCost) {
            foreach ($this->nearest(0, null) as $first) {
                $this->deepen([$first], 1 << $first, 0, $patience);
            }
        }
        $walks = $this->bestCost % self::MEETING;

        return new WalkingOrder(
            order: $this->best,
            walks: $walks,
            lowerBound: $this->isCut ? min($walks, WalkingTree::whole($root) % self::MEETING) : $walks,
            isOptimal: ! $this->isCut,
        );
    }

    /**
     * @param  list<string>  $one
     * @param  list<string>  $other
     * @param  list<array{string, string}>  $apart
     */
    private static function isMeeting(array $one, array $other, array $apart): bool
    {
        foreach ($apart as [$a, $b]) {
            if ((in_array($a, $one, true) && in_array($b, $other, true)) || (in_array($b, $one, true) && in_array($a, $other, true))) {
                return true;
            }
        }

        return false;
    }

    /** From each group always to the nearest, then groups moved for as long as that helps. */
    private function begin(): void
    {
        for ($first = 0; $first < $this->count; $first++) {
            if ($this->before[$first] !== 0) {
                continue;
            }
            $order = [$first];
            for ($done = 1 << $first; count($order) < $this->count; $done |= 1 << $order[count($order) - 1]) {
                $order[] = $this->nearest($done, $order[count($order) - 1])[0];
            }
            $this->keep($this->moved($order));
        }
    }

    /**
     * @param  list<int>  $order
     * @return list<int>
     */
    private function moved(array $order): array
    {
        $cost = $this->cost($order);
        do {
            $isBetter = false;
            for ($size = 1; $size <= 3; $size++) {
                for ($from = 0; $from + $size <= $this->count; $from++) {
                    $rest = $order;
                    $stretch = array_splice($rest, $from, $size);
                    $without = $cost - $this->between($order[$from - 1] ?? null, $stretch[0])
                        - $this->between($stretch[$size - 1], $order[$from + $size] ?? null)
                        + $this->between($order[$from - 1] ?? null, $order[$from + $size] ?? null);
                    for ($to = 0; $to <= count($rest); $to++) {
                        [$one, $other] = [$rest[$to - 1] ?? null, $rest[$to] ?? null];
                        $now = $without - $this->between($one, $other)
                            + $this->between($one, $stretch[0]) + $this->between($stretch[$size - 1], $other);
                        if ($now >= $cost) {
                            continue;
                        }
                        $try = [...array_slice($rest, 0, $to), ...$stretch, ...array_slice($rest, $to)];
                        if ($this->earlier->isKept($try)) {
                            [$order, $cost, $isBetter] = [$try, $now, true];

                            continue 3;
                        }
                    }
                }
            }
        } while ($isBetter);

        return $order;
    }

    /** Before the first and after the last nobody walks. */
    private function between(?int $one, ?int $other): int
    {
        return $one === null || $other === null ? 0 : $this->walks[$one][$other];
    }

    /** @param  list<int>  $order */
    private function keep(array $order): void
    {
        $cost = $this->cost($order);
        if ($cost < $this->bestCost) {
            [$this->best, $this->bestCost] = [$order, $cost];
        }
    }

    /** @param  list<int>  $order */
    private function cost(array $order): int
    {
        $cost = 0;
        for ($i = 1; $i < count($order); $i++) {
            $cost += $this->walks[$order[$i - 1]][$order[$i]];
        }

        return $cost;
    }

    /**
     * The groups that may come next, the nearest first.
     *
     * @return list<int>
     */
    private function nearest(int $done, ?int $last): array
    {
        $next = [];
        for ($g = 0; $g < $this->count; $g++) {
            if ((($done >> $g) & 1) === 0 && ($this->before[$g] & ~$done) === 0) {
                $next[$g] = $last === null ? 0.0 : $this->walks[$last][$g] + $this->tree->price($g);
            }
        }
        asort($next);

        return array_keys($next);
    }

    /** @param  non-empty-list<int>  $order */
    private function deepen(array $order, int $done, int $cost, Patience $patience): void
    {
        if (count($order) === $this->count) {
            $this->keep($order);

            return;
        }
        if ($this->isCut || ((++$this->looks & 0x3F) === 0 && $patience->isOver())) {
            $this->isCut = true;

            return;
        }
        $last = $order[count($order) - 1];
        if (
            ($this->seen[$done][$last] ?? PHP_INT_MAX) <= $cost ||
            WalkingTree::whole($cost + $this->tree->stillToWalk($done, $last)) >= $this->bestCost
        ) {
            return;
        }
        if ($this->kept < self::MOST_KEPT) {
            $this->kept++;
            $this->seen[$done][$last] = $cost;
        }
        foreach ($this->nearest($done, $last) as $next) {
            $this->deepen([...$order, $next], $done | (1 << $next), $cost + $this->walks[$last][$next], $patience);
        }
    }
}
