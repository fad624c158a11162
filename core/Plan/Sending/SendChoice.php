<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sending;

/**
 * Which pictures can all be in time: as many as their windows hold. Some can exactly when, for every stretch from one's ready to another's
 * due, those that lie within it take no longer than it (one machine with ready and due times that may stop and go on). The most worth by
 * branch and bound; the bound is the best that parts of pictures could be worth, which is found by taking them by worth a millisecond
 * (amounts that can be sent form a polymatroid: J. Edmonds, 1970).
 */
final class SendChoice
{
    private const EPSILON = 1e-9;

    /** Nodes of a search: below a second for two dozen pictures. */
    private const MOST_NODES = 20_000;

    /** @var list<int> numbers of the pictures that have a chance, by worth a millisecond */
    private array $order = [];

    /** @var list<int> */
    private array $readies;

    /** @var list<int> */
    private array $dues;

    /** @var array<int, int> place of each picture's ready and due in the lists above */
    private array $readyAt = [];

    /** @var array<int, int> */
    private array $dueAt = [];

    /** @var list<int> */
    private array $best = [];

    private float $worth = 0.0;

    private int $nodes = 0;

    private bool $isWhole;

    /**
     * @param  list<int>  $lengths
     * @param  list<int>  $ready  in open time
     * @param  list<int>  $due  in open time
     * @param  list<float>  $worths
     */
    private function __construct(private readonly array $lengths, array $ready, array $due, private readonly array $worths)
    {
        foreach ($lengths as $j => $length) {
            if ($worths[$j] > 0 && $length <= $due[$j] - $ready[$j]) {
                $this->order[] = $j;
            }
        }
        usort($this->order, fn (int $a, int $b): int => [$worths[$b] / $lengths[$b], $a] <=> [$worths[$a] / $lengths[$a], $b]);
        [$this->readies, $this->dues] = [self::distinct($ready, $this->order), self::distinct($due, $this->order)];
        foreach ($this->order as $j) {
            $this->readyAt[$j] = (int) array_search($ready[$j], $this->readies, true);
            $this->dueAt[$j] = (int) array_search($due[$j], $this->dues, true);
        }
        $this->isWhole = array_filter($worths, static fn (float $w): bool => floor($w) !== $w) === [];
    }

    /**
     * @param  list<int>  $times
     * @param  list<int>  $of  whose
     * @return list<int> rising
     */
    private static function distinct(array $times, array $of): array
    {
        $own = array_unique(array_map(static fn (int $j): int => $times[$j], $of));
        sort($own);

        return $own;
    }

    /**
     * @param  list<int>  $lengths
     * @param  list<int>  $ready  in open time
     * @param  list<int>  $due  in open time
     * @param  list<float>  $worths
     */
    public static function best(array $lengths, array $ready, array $due, array $worths): ChosenPictures
    {
        $search = new self($lengths, $ready, $due, $worths);
        $room = [];
        foreach ($search->readies as $a => $from) {
            foreach ($search->dues as $b => $to) {
                $room[$a][$b] = $to - $from;
            }
        }
        $search->look($room, [], $search->order, 0.0);
        sort($search->best);

        return new ChosenPictures($search->best, $search->nodes <= self::MOST_NODES);
    }

    /**
     * @param  array<int, array<int, int>>  $room  left in each stretch, by ready and due
     * @param  list<int>  $taken
     * @param  list<int>  $open  not decided, by worth a millisecond
     */
    private function look(array $room, array $taken, array $open, float $worth): void
    {
        if (++$this->nodes > self::MOST_NODES) {
            return;
        }
        [$bound, $whole, $branch] = $this->filled($room, $open);
        $this->keep([...$taken, ...$whole]);
        $most = $worth + $bound;
        $most = $this->isWhole ? floor($most + self::EPSILON * max(1.0, $most)) : $most;
        if ($branch === null || $most <= $this->worth + self::EPSILON * max(1.0, $this->worth)) {
            return;
        }
        $rest = array_values(array_filter($open, static fn (int $j): bool => $j !== $branch));
        if ($this->spare($room, $branch) >= $this->lengths[$branch]) {
            $this->look($this->without($room, $branch, $this->lengths[$branch]), [...$taken, $branch], $rest, $worth + $this->worths[$branch]);
        }
        $this->look($room, $taken, $rest, $worth);
    }

    /**
     * What the open ones could be worth, parts of them counted.
     *
     * @param  array<int, array<int, int>>  $room
     * @param  list<int>  $open
     * @return array{float, list<int>, int|null} the bound; those that fit whole, one after the other; the first that fits in part only
     */
    private function filled(array $room, array $open): array
    {
        $bound = 0.0;
        $whole = [];
        $branch = null;
        $exact = $room;
        foreach ($open as $j) {
            $amount = min($this->lengths[$j], $this->spare($room, $j));
            if ($amount > 0) {
                $bound += $this->worths[$j] * $amount / $this->lengths[$j];
                $room = $this->without($room, $j, $amount);
            }
            $branch ??= $amount > 0 && $amount < $this->lengths[$j] ? $j : null;
            if ($this->spare($exact, $j) >= $this->lengths[$j]) {
                $exact = $this->without($exact, $j, $this->lengths[$j]);
                $whole[] = $j;
            }
        }

        return [$bound, $whole, $branch];
    }

    /**
     * What still fits of a picture.
     *
     * @param  array<int, array<int, int>>  $room
     */
    private function spare(array $room, int $j): int
    {
        $spare = PHP_INT_MAX;
        for ($a = 0; $a <= $this->readyAt[$j]; $a++) {
            for ($b = $this->dueAt[$j], $last = count($this->dues); $b < $last; $b++) {
                $spare = $room[$a][$b] < $spare ? $room[$a][$b] : $spare;
            }
        }

        return max(0, $spare);
    }

    /**
     * @param  array<int, array<int, int>>  $room
     * @return array<int, array<int, int>>
     */
    private function without(array $room, int $j, int $amount): array
    {
        for ($a = 0; $a <= $this->readyAt[$j]; $a++) {
            for ($b = $this->dueAt[$j], $last = count($this->dues); $b < $last; $b++) {
                $room[$a][$b] -= $amount;
            }
        }

        return $room;
    }

    /** @param  list<int>  $some  that fit together */
    private function keep(array $some): void
    {
        $worth = array_sum(array_map(fn (int $j): float => $this->worths[$j], $some));
        if ($worth > $this->worth) {
            [$this->best, $this->worth] = [$some, $worth];
        }
    }
}
