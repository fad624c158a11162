<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;

/**
 * The least waiting on one side of the hub, for any set of groups dealt to it, without a meeting. Sets share their smaller sets, so
 * what was found once, exactly or as a bound, is kept.
 */
final class SideOrders
{
    private const TOLERANCE = 1e-9;

    /** @var array<int|string, int|float> */
    private array $exact = [];

    /** @var array<int|string, int|float> what a set does not fall below */
    private array $least = [];

    /** @var array<int|string, int> the first group of the best order of a set */
    private array $first = [];

    private int $looks = 0;

    private readonly bool $hasPairs;

    public bool $isCut = false;

    public function __construct(
        private readonly OrderProblem $problem,
        private readonly OrderSearch $search,
        private readonly PairBound $bound,
        private readonly TreeBound $tree,
        private readonly int $inHub,
        private readonly bool $isReversed,
    ) {
        $this->hasPairs = $problem->apart !== [];
    }

    /**
     * @param  int  $groups  as bits
     * @param  int  $started  people who stand by from the beginning, as bits
     * @param  int  $last  the group before them
     * @return int|float|null null when it is not below the budget, or when time is up
     */
    public function waiting(int $groups, int $started, int $last, int|float $budget, Patience $patience): int|float|null
    {
        if ($groups === 0) {
            return $budget > self::TOLERANCE ? 0 : null;
        }
        $open = $started & $this->search->union($groups);
        $key = $this->key($groups, $open, $last);
        if (isset($this->exact[$key])) {
            return $this->exact[$key] < $budget - self::TOLERANCE ? $this->exact[$key] : null;
        }
        $this->least[$key] ??= max($this->bound->of($open, $groups), $this->tree->of($groups));
        if ($this->least[$key] >= $budget - self::TOLERANCE) {
            return null;
        }
        if ($this->isCut || ((++$this->looks & 0x3F) === 0 && $patience->isOver())) {
            $this->isCut = true;

            return null;
        }
        $best = null;
        $floor = INF;
        foreach ($this->ways($groups, $started, $open, $last) as [$promise, $cost, $g]) {
            if ($promise >= min($best ?? INF, $budget) - self::TOLERANCE) {
                $floor = min($floor, $promise);
                break;
            }
            $rest = $groups & ~(1 << $g);
            $after = $this->waiting($rest, $started | $this->problem->people[$g], $g, min($best ?? INF, $budget) - $cost, $patience);
            if ($after !== null) {
                $best = $cost + $after;
                $this->first[$key] = $g;
            } else {
                $floor = min($floor, max($promise, $cost + $this->floorOf($rest, $started | $this->problem->people[$g], $g)));
            }
        }
        if ($this->wasCut()) {
            return null;
        }
        if ($best !== null) {
            $this->exact[$key] = $best;

            return $best;
        }
        $this->least[$key] = max($this->least[$key], min($floor, $budget));

        return null;
    }

    private function wasCut(): bool
    {
        return $this->isCut;
    }

    /**
     * The order behind a waiting that was found.
     *
     * @return list<int>
     */
    public function order(int $groups, int $started, int $last): array
    {
        $order = [];
        while ($groups !== 0) {
            $g = $this->first[$this->key($groups, $started & $this->search->union($groups), $last)];
            $order[] = $last = $g;
            $groups &= ~(1 << $g);
            $started |= $this->problem->people[$g];
        }

        return $order;
    }

    /**
     * The groups that may come first, the most promising one first; one that costs nothing, brings nobody new
     * and frees everybody soonest stands alone.
     *
     * @return list<array{int|float, int|float, int}> what it does not fall below, what it costs itself, the group
     */
    private function ways(int $groups, int $started, int $open, int $last): array
    {
        // The rule below is about people who all stand by.
        $allThere = ! $this->hasPairs && ($this->search->union($groups) & ~$started) === 0;
        [$before, $after] = $this->isReversed
            ? [$this->problem->after, $this->problem->before]
            : [$this->problem->before, $this->problem->after];
        $ways = [];
        foreach ($this->problem->people as $g => $people) {
            if ((($groups >> $g) & 1) === 0 || ($before[$g] & $groups) !== 0 || ($this->hasPairs && $this->problem->isMeeting($last, $g))) {
                continue;
            }
            // Whose people are all in another that is still to come: right after that one it costs no more.
            if ($allThere && ($this->problem->within[$g] & $groups) !== 0 && ($after[$g] & $groups) === 0) {
                continue;
            }
            if (! $this->hasPairs && ($open & ~$people) === 0 && ($people & ~$started) === 0) {
                return [[0, 0, $g]];
            }
            $waits = $open & ~$people;
            $cost = $waits === 0 ? 0 : $this->problem->minutes[$g] * $this->problem->weight($waits);
            $ways[] = [$cost + $this->floorOf($groups & ~(1 << $g), $started | $people, $g), $cost, $g];
        }
        usort($ways, static fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return $ways;
    }

    private function floorOf(int $groups, int $started, int $last): int|float
    {
        if ($groups === 0) {
            return 0;
        }
        $open = $started & $this->search->union($groups);
        $key = $this->key($groups, $open, $last);

        return $this->exact[$key] ?? ($this->least[$key] ??= max($this->bound->of($open, $groups), $this->tree->of($groups)));
    }

    /** Who is in the hub stands by anyway; only others, and where some must not meet the group before, tell states of one set apart. */
    private function key(int $groups, int $open, int $last): int|string
    {
        $others = $open & ~$this->inHub;
        $kind = $this->hasPairs ? $this->problem->kinds[$last] : 0;

        return $others === 0 && $kind === 0 ? $groups : "{$groups} {$others} {$kind}";
    }
}
