<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;

/**
 * Called people, and a group in which nearly everybody is, the hub. Who is in the hub stands by from their
 * first group before it, and until their last one after it; so once it is said which groups come before
 * and which after, the two sides can be put in order each on its own, the first told backwards. The ways to
 * deal the groups out to the two sides are searched depth first, cut off by what people must wait on each side
 * at least: groups that are nested or apart first, whose least waiting is known, those that cross others last.
 */
final class HubSearch
{
    private const TOLERANCE = 1e-9;

    private const BROAD = 400;

    private readonly int $hub;

    /** @var list<int> groups in the order in which they are dealt out */
    private array $deal = [];

    private readonly bool $isSymmetric;

    private int|float $known = 0;

    /** @var list<int>|null */
    private ?array $best = null;

    private Patience $patience;

    private bool $isOut = false;

    private float $floor = INF;

    private int $looks = 0;

    private readonly SideOrders $left;

    private readonly SideOrders $right;

    private readonly TreeBound $leftBound;

    private readonly TreeBound $rightBound;

    public function __construct(private readonly OrderProblem $problem, private readonly OrderSearch $search)
    {
        $hub = 0;
        foreach ($problem->people as $g => $people) {
            $hub = $problem->weight($people) > $problem->weight($problem->people[$hub]) ? $g : $hub;
        }
        $this->hub = $hub;
        $bound = new PairBound($problem);
        // Without precedence a set costs the same told forwards and backwards.
        $this->isSymmetric = array_filter($problem->before) === [];
        $this->rightBound = new TreeBound($problem, $hub, false);
        $this->leftBound = $this->isSymmetric ? $this->rightBound : new TreeBound($problem, $hub, true);
        $this->right = new SideOrders($problem, $search, $bound, $this->rightBound, $problem->people[$hub], false);
        $this->left = $this->isSymmetric
            ? $this->right
            : new SideOrders($problem, $search, $bound, $this->leftBound, $problem->people[$hub], true);
        $load = [];
        foreach ($problem->people as $g => $people) {
            if ($g !== $hub) {
                $load[$g] = $problem->minutes[$g] * $problem->weight($people);
            }
        }
        arsort($load);
        $isNested = array_flip($this->rightBound->groups);
        $this->deal = [
            ...array_filter(array_keys($load), static fn (int $g): bool => isset($isNested[$g])),
            ...array_filter(array_keys($load), static fn (int $g): bool => ! isset($isNested[$g])),
        ];
    }

    /** The share of the groups that are nested in or apart from one another: the more there are, the sooner it proves. */
    public function nestedShare(): float
    {
        return count($this->rightBound->groups) / max(1, count($this->deal));
    }

    /**
     * @param  int|float  $known  waiting of an order that is known: only less is looked for
     * @return array{list<int>|null, int|float, int|float} a better order if there is one, its waiting, and what no order without a meeting
     *     falls below
     */
    public function below(int|float $known, Patience $patience): array
    {
        $this->known = $known;
        $this->best = null;
        $this->floor = INF;
        $this->patience = $patience;
        $this->isOut = false;
        // Broad first, so that what is left undone when time is up still says something; then deep, the most promising first.
        $ways = [[0, 0, 0, 0, 0]];
        for ($at = 0; $at < count($this->deal) && count($ways) < self::BROAD; $at++) {
            $next = [];
            foreach ($ways as [, $before, $after, $left, $right]) {
                $next = [...$next, ...$this->dealt($at, $before, $after, $left, $right)];
            }
            $ways = $next;
        }
        usort($ways, static fn (array $a, array $b): int => $a[3] + $a[4] <=> $b[3] + $b[4]);
        foreach ($ways as [$at, $before, $after, $left, $right]) {
            $this->deepen($at, $before, $after, $left, $right);
        }

        return [$this->best, $this->known, min($this->known, $this->floor)];
    }

    /**
     * @param  int  $at  how many groups are dealt
     * @param  int  $before  those before the hub, as bits
     * @param  int  $after  those after it
     * @param  int|float  $left  what must be waited before it
     * @param  int|float  $right  what must be waited after it
     */
    private function deepen(int $at, int $before, int $after, int|float $left, int|float $right): void
    {
        $bound = $left + $right;
        if ($bound >= $this->known - self::TOLERANCE) {
            return;
        }
        if ($this->isOut || $this->left->isCut || $this->right->isCut || ((++$this->looks & 0x3F) === 0 && $this->patience->isOver())) {
            $this->isOut = true;
            $this->floor = min($this->floor, $bound);
        } elseif (! isset($this->deal[$at])) {
            $this->sides($before, $left, $right);
        } else {
            foreach ($this->dealt($at, $before, $after, $left, $right) as [$next, $ofBefore, $ofAfter, $ofLeft, $ofRight]) {
                $this->deepen($next, $ofBefore, $ofAfter, $ofLeft, $ofRight);
            }
        }
    }

    /**
     * Deals the next group to the one side and to the other. A way is given up when what must be waited comes to no less than
     * is known.
     *
     * @return list<array{int, int, int, int|float, int|float}> the more promising first: how many are dealt, before, after, left, right
     */
    private function dealt(int $at, int $before, int $after, int|float $left, int|float $right): array
    {
        $g = $this->deal[$at];
        $problem = $this->problem;
        $hub = 1 << $this->hub;
        $one = $other = null;
        $least = $this->known - self::TOLERANCE;
        // Nothing before the hub may have to follow what comes after it.
        if (($problem->before[$g] & ($after | $hub)) === 0) {
            $grown = $this->leftBound->of($before | 1 << $g);
            $one = $grown + $right < $least ? [$at + 1, $before | 1 << $g, $after, $grown, $right] : null;
        }
        if (($problem->after[$g] & ($before | $hub)) === 0 && ! ($at === 0 && $this->isSymmetric)) {
            $grown = $this->rightBound->of($after | 1 << $g);
            $other = $grown + $left < $least ? [$at + 1, $before, $after | 1 << $g, $left, $grown] : null;
        }
        if ($one === null || $other === null) {
            return $one === null ? ($other === null ? [] : [$other]) : [$one];
        }

        return $one[3] + $one[4] <= $other[3] + $other[4] ? [$one, $other] : [$other, $one];
    }

    /**
     * The best of one way to deal out the groups; kept when it is better than what is known.
     *
     * @param  int|float  $leastLeft  what must be waited before the hub
     * @param  int|float  $leastRight  what must be waited after it
     */
    private function sides(int $before, int|float $leastLeft, int|float $leastRight): void
    {
        $problem = $this->problem;
        $after = $problem->all() & ~$before & ~(1 << $this->hub);
        $inHub = $problem->people[$this->hub];
        [$left, $right] = [$this->search->union($before), $this->search->union($after)];
        $through = $problem->minutes[$this->hub] * $problem->weight($left & $right & ~$inHub);
        $budget = $this->known - $through;
        $cost = $this->right->waiting($after, $inHub | $left, $this->hub, $budget - $leastLeft, $this->patience);
        $costBefore = $cost === null
            ? null
            : $this->left->waiting($before, $inHub | $right, $this->hub, $budget - $cost, $this->patience);
        if ($cost !== null && $costBefore !== null) {
            $this->known = $cost + $costBefore + $through;
            $this->best = [
                ...array_reverse($this->left->order($before, $inHub | $right, $this->hub)),
                $this->hub,
                ...$this->right->order($after, $inHub | $left, $this->hub),
            ];
        } elseif ($this->left->isCut || $this->right->isCut) {
            $this->floor = min($this->floor, $leastLeft + $leastRight);
        }
    }
}
