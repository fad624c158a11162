<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/**
 * What the walking between groups does not fall below: a spanning tree whose edges carry prices on the groups, raised where the tree
 * has too many edges and lowered where it has too few (M. Held and R. M. Karp, 1970).
 */
final class WalkingTree
{
    private const ROUNDS = 250;

    private readonly int $count;

    /** @var array<int, float> by group, and one more for the empty frame */
    private array $prices;

    /** @param  array<int, array<int, int>>  $walks  people who walk, between two groups */
    public function __construct(private readonly array $walks)
    {
        $this->count = count($walks);
        $this->prices = array_fill(0, $this->count + 1, 0.0);
    }

    /**
     * Raises the price of groups at which the tree has too many edges, lowers it at those with one.
     *
     * @return float what no order falls below
     */
    public function priced(): float
    {
        $best = -INF;
        $kept = $this->prices;
        $step = 2.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            [$bound, $edges] = $this->tree(array_keys($this->walks));
            $ends = $this->cheapest();
            $bound += $ends[0] + $ends[1] - 2 * array_sum($this->prices);
            if ($bound > $best + 1e-9) {
                [$best, $kept] = [$bound, $this->prices];
            } else {
                $step *= 0.96;
            }
            $edges[$ends[2]] = ($edges[$ends[2]] ?? 0) + 1;
            $edges[$ends[3]] = ($edges[$ends[3]] ?? 0) + 1;
            for ($g = 0; $g < $this->count; $g++) {
                $this->prices[$g] += $step * (($edges[$g] ?? 0) - 2);
            }
        }
        $this->prices = $kept;

        return $best;
    }

    /** @return array{float, float, int, int} the two cheapest ways between the empty frame and a group, and those groups */
    private function cheapest(): array
    {
        $prices = array_slice($this->prices, 0, $this->count, true);
        asort($prices);
        $groups = array_keys($prices);
        $second = $groups[1] ?? $groups[0];

        return [$prices[$groups[0]], $prices[$second], $groups[0], $second];
    }

    /**
     * The cheapest tree over some groups, with prices (R. C. Prim, 1957).
     *
     * @param  list<int>  $groups
     * @return array{float, array<int, int>} its cost, and how many edges each group has
     */
    private function tree(array $groups): array
    {
        $edges = [];
        $cost = 0.0;
        $at = array_pop($groups) ?? 0;
        $near = $from = [];
        foreach ($groups as $g) {
            $near[$g] = INF;
            $from[$g] = $at;
        }
        while ($near !== []) {
            $least = INF;
            $next = 0;
            $walks = $this->walks[$at];
            $price = $this->prices[$at];
            foreach ($near as $g => $best) {
                $now = $walks[$g] + $price + $this->prices[$g];
                if ($now < $best) {
                    $near[$g] = $best = $now;
                    $from[$g] = $at;
                }
                if ($best < $least) {
                    [$least, $next] = [$best, $g];
                }
            }
            $cost += $least;
            $edges[$next] = ($edges[$next] ?? 0) + 1;
            $edges[$from[$next]] = ($edges[$from[$next]] ?? 0) + 1;
            $at = $next;
            unset($near[$next]);
        }

        return [$cost, $edges];
    }

    /** What an order does not fall below from here on: a tree over the last group and all to come, and the cheapest way out. */
    public function stillToWalk(int $done, int $last): float
    {
        $left = [];
        $sum = 0.0;
        $out = INF;
        for ($g = 0; $g < $this->count; $g++) {
            if (($done >> $g & 1) === 0) {
                $left[] = $g;
                $sum += $this->prices[$g];
                $out = min($out, $this->prices[$g]);
            }
        }

        return $this->tree([...$left, $last])[0] + $out - $this->prices[$last] - 2 * $sum;
    }

    /** What a walk to that group costs more than its people; the nearest is the one cheapest with it. */
    public function price(int $group): float
    {
        return $this->prices[$group];
    }

    /** Walks are whole: what a bound means for them. */
    public static function whole(float $bound): int
    {
        return max(0, (int) ceil($bound - 1e-6));
    }
}
