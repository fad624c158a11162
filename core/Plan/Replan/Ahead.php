<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

use NorthSatchel\Plan\Timeline\Ways;

/**
 * The best that can still come from each segment, place and time on, with the pockets' minutes at a price (Lagrangian relaxation):
 * a bound that prunes the search.
 */
final class Ahead
{
    private const PRICE_ROUNDS = 4;

    /** @var list<array<string, Staircase>> for each segment and place the best that is still to come */
    private array $toCome = [];

    private int $price = 0;

    /**
     * @param  list<Rest>  $segments
     * @param  list<list<string|null>>  $reachable  where one can be before each segment, and after the last
     * @param  array<string, int>  $pockets  minutes by id
     */
    public function __construct(
        private readonly array $segments,
        private readonly array $reachable,
        private readonly ?string $place,
        private readonly array $pockets,
        private readonly Ways $ways,
    ) {}

    /** What can be done at all, whatever it is worth. */
    public function lookForAny(): void
    {
        $this->price = 0;
        $this->look(withValues: false);
    }

    /** The bound is convex in the price: a few looks around the first guess find about where it is least. */
    public function priceThePockets(int $now): void
    {
        $guess = $this->pocketPrice();
        $best = null;
        $bestBound = PHP_INT_MAX;
        $tried = [];
        $step = intdiv($guess, 2);
        for ($round = 0, $at = 0; $round < self::PRICE_ROUNDS; $round++) {
            foreach ($round === 0 ? [0, $guess] : [$at - $step, $at + $step] as $price) {
                if ($price >= 0 && ! isset($tried[$price])) {
                    $tried[$price] = true;
                    $bound = $this->boundAt($price, $now);
                    if ($best === null || $bound < $bestBound) {
                        $best = $price;
                        $bestBound = $bound;
                    }
                }
            }
            $at = (int) $best;
            $step = $round === 0 ? $step : intdiv($step, 2);
        }
        $this->boundAt((int) $best, $now);
    }

    private function boundAt(int $price, int $now): int
    {
        $this->price = $price;
        $this->look(withValues: true);
        $ahead = ($this->toCome[0][(string) $this->place] ?? null)?->at($now);

        return $ahead === null ? PHP_INT_MAX : $ahead + $price * (int) array_sum($this->pockets);
    }

    /**
     * What a minute of the pockets is worth at the margin: the density at which the movable segments,
     * best first, fill them.
     */
    private function pocketPrice(): int
    {
        $room = array_sum($this->pockets);
        $movable = array_filter($this->segments, static fn (Rest $s): bool => $s->isMovable() && $s->movedMinutes() > 0);
        usort(
            $movable,
            static fn (Rest $a, Rest $b): int => $b->movedValue() * $a->movedMinutes() <=> $a->movedValue() * $b->movedMinutes(),
        );
        foreach ($movable as $segment) {
            $room -= $segment->movedMinutes();
            if ($room < 0) {
                return intdiv($segment->movedValue() * Replanner::VALUE, $segment->movedMinutes());
            }
        }

        return 0;
    }

    /** From the last segment back: the best still to come from each place at each time, pockets at their price. */
    private function look(bool $withValues): void
    {
        $count = count($this->segments);
        $this->toCome = array_fill(0, $count + 1, []);
        foreach ($this->reachable[$count] as $place) {
            $this->toCome[$count][(string) $place] = Staircase::flat(0);
        }
        for ($i = $count - 1; $i >= 0; $i--) {
            $segment = $this->segments[$i];
            foreach ($this->reachable[$i] as $place) {
                $this->toCome[$i][(string) $place] = Staircase::best($this->waysOn($i, $segment, $place, $withValues));
            }
        }
    }

    /** @return list<Staircase> */
    private function waysOn(int $i, Rest $segment, ?string $place, bool $withValues): array
    {
        $ways = [];
        $here = $this->toCome[$i + 1][(string) $place] ?? null;
        if ($here !== null && ! $segment->isMust) {
            $ways[] = $here->plus($withValues ? -Replanner::SKIPPED : 0);
        }
        if ($here !== null && $segment->isMovable()) {
            $ways[] = $here->plus(
                $withValues ? $segment->movedValue() * Replanner::VALUE - Replanner::MOVED - $this->price * $segment->movedMinutes() : 0,
            );
        }
        $there = $this->toCome[$i + 1][(string) ($segment->place ?? $place)] ?? null;
        if ($there !== null) {
            foreach ($segment->doings() as [, $minutes, $value]) {
                $ways[] = $there->before(
                    $segment,
                    $minutes,
                    $this->ways->needed($place, $segment->place ?? $place),
                    $withValues ? $value * Replanner::VALUE : 0,
                );
            }
        }

        return $ways;
    }

    /** Null when what is left cannot be done from here. */
    public function bound(int $stage, Label $label): ?int
    {
        $ahead = ($this->toCome[$stage][(string) $label->place] ?? null)?->at($label->time);

        return $ahead === null ? null : $label->score + $ahead + $this->price * (int) array_sum($label->left);
    }
}
