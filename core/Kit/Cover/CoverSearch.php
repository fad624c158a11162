<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Patience;

/**
 * Branch and bound over the things of a shelf. The bound is the Lagrangian one (A. M. Geoffrion, 1974; subgradient
 * steps after M. Held, P. Wolfe and H. P. Crowder, 1974; both from memory): every row gets a price, and what is
 * left of the weights after the prices says how light a choice can be at best.
 */
final class CoverSearch
{
    private const ROOT_STEPS = 240;

    private const NODE_STEPS = 14;

    /** @var array<int, int>|null the best choice so far */
    private ?array $best = null;

    private int $bestCost = PHP_INT_MAX;

    private bool $isCutOff = false;

    private readonly CoverRows $rows;

    private readonly CoverChoice $choices;

    private function __construct(private readonly CoverProblem $problem, private readonly Patience $patience)
    {
        $this->rows = new CoverRows($problem);
        $this->choices = new CoverChoice($problem);
    }

    /**
     * @param  list<CoverItem>  $items
     * @param  array<string, int>  $needs  how often, by capability
     * @param  Patience|null  $patience  after which the lightest found so far is given; null: as long as it takes
     */
    public static function lightest(array $items, array $needs, ?Patience $patience = null): Cover
    {
        $problem = new CoverProblem($items, $needs);

        return (new self($problem, $patience ?? Looks::endless()))->run();
    }

    private function run(): Cover
    {
        $p = $this->problem;
        $count = count($p->items);
        $all = array_fill(0, $count, 1);
        $this->offer($this->choices->lightened($all, range(0, max(0, $count - 1))));
        $free = array_fill(0, $count, CoverRows::FREE);
        $prices = array_fill(0, count($p->rows), 0.0);
        $root = 0;
        if ($count > 0 && $this->rows->propagate($free)) {
            [$bound, $prices] = $this->bound($free, $prices, self::ROOT_STEPS, 1.6);
            $root = min($this->bestCost, self::atLeast($bound));
            $this->branch($free, $prices, $bound);
        }
        $choice = $this->best ?? [];
        $grams = 0;
        $chosen = [];
        foreach ($choice as $index => $taken) {
            if ($taken === 1) {
                $chosen[] = $p->items[$index]->id;
                $grams += $p->items[$index]->weight;
            }
        }

        return new Cover(
            $chosen,
            $grams,
            $this->isCutOff ? min($grams, (int) ceil(max(0, $root) / $p->scale - 1)) : $grams,
            ! $this->isCutOff,
            $p->short,
        );
    }

    /**
     * @param  array<int, int>  $fixed  0, 1 or free by item
     * @param  array<int, float>  $prices
     */
    private function branch(array $fixed, array $prices, float $bound): void
    {
        if (ceil($bound - 1e-6) >= $this->bestCost) {
            return;
        }
        if ($this->patience->isOver()) {
            $this->isCutOff = true;

            return;
        }
        $reduced = $this->reduced($prices);
        // What would cost too much to take, or to leave, needs no branch.
        foreach ($fixed as $index => $state) {
            if ($state === CoverRows::FREE) {
                if (self::atLeast($bound + abs($reduced[$index])) >= $this->bestCost) {
                    $fixed[$index] = $reduced[$index] > 0 ? 0 : 1;
                }
            }
        }
        if (! $this->rows->propagate($fixed)) {
            return;
        }
        $at = $this->rows->mostOpen($fixed, $reduced);
        if ($at === null) {
            $this->offer(array_map(static fn (int $s): int => max(0, $s), $fixed));

            return;
        }
        foreach ([1, 0] as $state) {
            $next = $fixed;
            $next[$at] = $state;
            if ($this->rows->propagate($next)) {
                [$below, $better] = $this->bound($next, $prices, self::NODE_STEPS, 0.5);
                $this->branch($next, $better, max($below, $bound));
            }
        }
    }

    /**
     * The best bound of some subgradient steps, and its prices; choices met on the way are offered.
     *
     * @param  array<int, int>  $fixed
     * @param  array<int, float>  $prices
     * @return array{float, array<int, float>}
     */
    private function bound(array $fixed, array $prices, int $steps, float $pace): array
    {
        $p = $this->problem;
        $best = -INF;
        $bestPrices = $prices;
        $sinceBetter = 0;
        for ($step = 0; $step < $steps; $step++) {
            $reduced = $this->reduced($prices);
            $value = 0.0;
            $choice = [];
            foreach ($fixed as $index => $state) {
                $taken = $state === CoverRows::FREE ? ($reduced[$index] < 0 ? 1 : 0) : $state;
                $choice[$index] = $taken;
                $value += $taken * $reduced[$index];
            }
            $slope = [];
            $length = 0;
            foreach ($p->rows as $r => $row) {
                $value += $prices[$r] * $p->right[$r];
                $gap = $p->right[$r];
                foreach ($row as $index => $coefficient) {
                    $gap -= $coefficient * $choice[$index];
                }
                $slope[$r] = $prices[$r] > 0 ? $gap : max(0, $gap);
                $length += $slope[$r] ** 2;
            }
            if ($value > $best) {
                [$best, $bestPrices, $sinceBetter] = [$value, $prices, 0];
            } elseif (++$sinceBetter > 6) {
                $pace /= 2;
                $sinceBetter = 0;
            }
            if ($steps > self::NODE_STEPS && $step % 10 === 0) {
                $this->offer($this->choices->completed($choice, $reduced));
            }
            if ($length === 0 || self::atLeast($best) >= $this->bestCost) {
                break;
            }
            $stride = ($pace * max(1.0, $this->bestCost - $value)) / $length;
            foreach ($slope as $r => $gap) {
                $prices[$r] = max(0.0, $prices[$r] + $stride * $gap);
            }
        }

        return [$best, $bestPrices];
    }

    /**
     * @param  array<int, float>  $prices
     * @return array<int, float> by item, its cost less the prices of the rows it helps
     */
    private function reduced(array $prices): array
    {
        $reduced = [];
        foreach ($this->problem->columns as $index => $column) {
            $cost = (float) $this->problem->costs[$index];
            foreach ($column as $r => $coefficient) {
                $cost -= $coefficient * $prices[$r];
            }
            $reduced[$index] = $cost;
        }

        return $reduced;
    }

    /** @param  array<int, int>  $choice */
    private function offer(array $choice): void
    {
        if ($this->problem->holds($choice) && $this->problem->cost($choice) < $this->bestCost) {
            [$this->best, $this->bestCost] = [$choice, $this->problem->cost($choice)];
        }
    }

    /** Whole grams that a bound stands for; what is a millionth above them is they. */
    private static function atLeast(float $bound): int
    {
        return (int) ceil($bound - 1e-6);
    }
}
