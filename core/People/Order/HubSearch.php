<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/**
 * Called people, and a group in which nearly everybody is, the hub. Who is in the hub stands by from their
 * first group before it, and until their last one after it; so once it is said which groups come before
 * and which after, the two sides can be put in order each on its own, the first told backwards. The ways to
 * deal the groups out to the two sides are searched depth first, cut off by what the pairs of people must
 * wait on each side.
 */
final class HubSearch
{
    private const TOLERANCE = 1e-9;

    private const BROAD = 400;

    private readonly int $hub;

    /** @var list<array{int, int, int|float, int|float}> pairs of people in the hub: groups of the first alone, of the second alone, weights */
    private array $pairs = [];

    /** @var array<int, list<array{int, bool, float}>> by group: the pairs it counts for, for the first of them or not, and its shared minutes */
    private array $touches = [];

    /** @var list<int> groups in the order in which they are dealt out */
    private array $deal = [];

    private readonly bool $isSymmetric;

    private int|float $known = 0;

    /** @var list<int>|null */
    private ?array $best = null;

    private int $endNs = 0;

    private float $floor = INF;

    private int $looks = 0;

    private readonly SideOrders $left;

    private readonly SideOrders $right;

    public function __construct(private readonly OrderProblem $problem, private readonly OrderSearch $search)
    {
        $hub = 0;
        foreach ($problem->people as $g => $people) {
            $hub = $problem->weight($people) > $problem->weight($problem->people[$hub]) ? $g : $hub;
        }
        $this->hub = $hub;
        $bound = new PairBound($problem);
        $this->right = new SideOrders($problem, $search, $bound, $problem->people[$hub], false);
        // Without precedence a set costs the same told forwards and backwards.
        $this->isSymmetric = array_filter($problem->before) === [];
        $this->left = $this->isSymmetric ? $this->right : new SideOrders($problem, $search, $bound, $problem->people[$hub], true);
        $this->readPairs();
        $load = [];
        foreach ($problem->people as $g => $people) {
            if ($g !== $hub) {
                $load[$g] = $problem->minutes[$g] * $problem->weight($people);
            }
        }
        arsort($load);
        $this->deal = array_keys($load);
    }

    /**
     * @param  int|float  $known  waiting of an order that is known: only less is looked for
     * @return array{list<int>|null, int|float, int|float} a better order if there is one, its waiting, and what no order without a meeting falls below
     */
    public function below(int|float $known, int $endNs): array
    {
        $zeros = array_fill(0, 2 * count($this->pairs), 0.0);
        $this->known = $known;
        $this->best = null;
        $this->floor = INF;
        $this->endNs = $endNs;
        // Broad first, so that what is left undone when time is up still says something; then deep, the most promising first.
        $ways = [[0, 0, 0, $zeros, $zeros, 0.0, 0.0]];
        for ($at = 0; $at < count($this->deal) && count($ways) < self::BROAD; $at++) {
            $next = [];
            foreach ($ways as $way) {
                $next = [...$next, ...$this->dealt($way)];
            }
            $ways = $next;
        }
        usort($ways, static fn (array $a, array $b): int => self::bound($a) <=> self::bound($b));
        foreach ($ways as $way) {
            $this->deepen($way);
        }

        return [$this->best, $this->known, min($this->known, $this->floor)];
    }

    private function readPairs(): void
    {
        $problem = $this->problem;
        $inHub = $problem->people[$this->hub];
        $share = [];
        foreach ($problem->people as $g => $people) {
            $share[$g] = $problem->minutes[$g] / max(1e-9, $problem->weight($people & $inHub));
        }
        foreach ($problem->groupsOf as $p => $ofP) {
            foreach ($problem->groupsOf as $q => $ofQ) {
                if ($q <= $p || ($inHub >> $p & 1) === 0 || ($inHub >> $q & 1) === 0 || ($ofP & ~$ofQ) === 0 || ($ofQ & ~$ofP) === 0) {
                    continue;
                }
                $pair = count($this->pairs);
                $this->pairs[] = [$ofP & ~$ofQ, $ofQ & ~$ofP, $problem->weights[$p], $problem->weights[$q]];
                foreach ($share as $g => $minutes) {
                    if ((($ofP ^ $ofQ) >> $g & 1) === 1) {
                        $isFirst = ($ofP >> $g & 1) === 1;
                        // Through a group of the first alone it is the second who waits.
                        $this->touches[$g][] = [2 * $pair + ($isFirst ? 0 : 1), $isFirst, $minutes * $problem->weights[$p] * $problem->weights[$q]];
                    }
                }
            }
        }
    }

    /** @param  array{int, int, int, array<int, float>, array<int, float>, float, float}  $way */
    private static function bound(array $way): float
    {
        return $way[5] + $way[6];
    }

    /** @param  array{int, int, int, array<int, float>, array<int, float>, float, float}  $way */
    private function deepen(array $way): void
    {
        $bound = self::bound($way);
        if ($bound >= $this->known - self::TOLERANCE) {
            return;
        }
        if ($this->left->isCut || $this->right->isCut || ((++$this->looks & 0x3F) === 0 && hrtime(true) > $this->endNs)) {
            $this->endNs = 0;
            $this->floor = min($this->floor, $bound);
        } elseif (! isset($this->deal[$way[0]])) {
            $this->sides($way[1], $bound);
        } else {
            foreach ($this->dealt($way) as $further) {
                $this->deepen($further);
            }
        }
    }

    /**
     * Deals the next group to the one side and to the other. A way is given up when what its pairs must wait
     * comes to no less than is known.
     *
     * @param  array{int, int, int, array<int, float>, array<int, float>, float, float}  $way  how many are dealt; the groups before the hub, and after it; by pair and person, what the other waits through them, before and after; what all pairs wait, before and after
     * @return list<array{int, int, int, array<int, float>, array<int, float>, float, float}>
     */
    private function dealt(array $way): array
    {
        [$at, $before, $after, $left, $right, $ofLeft, $ofRight] = $way;
        $g = $this->deal[$at];
        $problem = $this->problem;
        // Nothing before the hub may have to follow what comes after it.
        $canBefore = ($problem->before[$g] & ($after | 1 << $this->hub)) === 0;
        $canAfter = ($problem->after[$g] & ($before | 1 << $this->hub)) === 0 && ! ($at === 0 && $this->isSymmetric);
        $further = [];
        if ($canBefore) {
            [$sums, $cost] = $this->grown($left, $ofLeft, $g);
            $further[] = [$cost - $ofLeft, [$at + 1, $before | 1 << $g, $after, $sums, $right, $cost, $ofRight]];
        }
        if ($canAfter) {
            [$sums, $cost] = $this->grown($right, $ofRight, $g);
            $further[] = [$cost - $ofRight, [$at + 1, $before, $after | 1 << $g, $left, $sums, $ofLeft, $cost]];
        }
        usort($further, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $ways = [];
        foreach ($further as [, $next]) {
            if (self::bound($next) < $this->known - self::TOLERANCE) {
                $ways[] = $next;
            }
        }

        return $ways;
    }

    /**
     * @param  array<int, float>  $sums
     * @return array{array<int, float>, float}
     */
    private function grown(array $sums, float $cost, int $g): array
    {
        foreach ($this->touches[$g] ?? [] as [$slot, , $minutes]) {
            $other = $sums[$slot ^ 1];
            $was = $sums[$slot];
            $now = $was + $minutes;
            $sums[$slot] = $now;
            $cost += min($now, $other) - min($was, $other);
        }

        return [$sums, $cost];
    }

    /** The best of one way to deal out the groups; kept when it is better than what is known. */
    private function sides(int $before, int|float $bound): void
    {
        $problem = $this->problem;
        $after = $problem->all() & ~$before & ~(1 << $this->hub);
        $inHub = $problem->people[$this->hub];
        [$left, $right] = [$this->search->union($before), $this->search->union($after)];
        $through = $problem->minutes[$this->hub] * $problem->weight($left & $right & ~$inHub);
        $cost = $this->right->waiting($after, $inHub | $left, $this->hub, $this->known - $through, $this->endNs);
        $costBefore = $cost === null ? null : $this->left->waiting($before, $inHub | $right, $this->hub, $this->known - $through - $cost, $this->endNs);
        if ($cost !== null && $costBefore !== null) {
            $this->known = $cost + $costBefore + $through;
            $this->best = [...array_reverse($this->left->order($before, $inHub | $right, $this->hub)), $this->hub, ...$this->right->order($after, $inHub | $left, $this->hub)];
        } elseif ($this->left->isCut || $this->right->isCut) {
            $this->floor = min($this->floor, $bound);
        }
    }
}
