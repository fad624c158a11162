<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

use NorthSatchel\Time\Priority;

/**
 * Looks in a box of time: one is shot at a time, the next is made meanwhile, by its model and by as many hands for hair and make-up as there
 * are; of one model nothing is made while they are shot.
 */
final readonly class TimeBox
{
    /** So many looks and every order is tried. */
    private const TRIED = 7;

    /** So many that may be left out, and every choice of them is tried. */
    private const CHOICES = 12;

    /** @param  int  $hands  for hair and make-up */
    public function __construct(private int $hands) {}

    /**
     * In this order, each as soon as it can be.
     *
     * @param  list<Look>  $looks
     * @return list<LookTurn>
     */
    public function laid(array $looks): array
    {
        $turns = $model = [];
        $hands = array_fill(0, max(1, $this->hands), 0);
        $camera = 0;
        foreach ($looks as $number => $look) {
            $who = $look->model ?? "of look {$number}";
            $change = $model[$who] ?? 0;
            $hair = $change + $look->changeMinutes;
            if ($look->hairMinutes > 0) {
                sort($hands);
                $hair = max($hair, $hands[0]);
                $hands[0] = $hair + $look->hairMinutes;
            }
            $ready = $hair + $look->hairMinutes;
            $from = max($camera, $ready);
            $camera = $model[$who] = $from + $look->minutes();
            $turns[] = new LookTurn($look, $change, $hair, $ready, $from, $camera);
        }

        return $turns;
    }

    /** @param  list<Look>  $looks */
    public function minutes(array $looks): int
    {
        $turns = $this->laid($looks);

        return $turns === [] ? 0 : $turns[count($turns) - 1]->shotTo;
    }

    /**
     * The order that is over first, among equals the one nearest to how it was typed; with many looks the typed one.
     *
     * @param  list<Look>  $looks
     * @return list<Look>
     */
    public function best(array $looks): array
    {
        if (count($looks) > self::TRIED) {
            return $looks;
        }
        [$best, $least] = [$looks, $this->minutes($looks)];
        foreach (self::orders($looks) as $order) {
            $minutes = $this->minutes($order);
            if ($minutes < $least) {
                [$best, $least] = [$order, $minutes];
            }
        }

        return $best;
    }

    public static function isTried(int $looks): bool
    {
        return $looks <= self::TRIED;
    }

    /**
     * What is left out so that it fits, keeping most: whole looks and single poses that are no must.
     *
     * @param  list<Look>  $looks  in their order
     * @return list<string>|null a name each; null where leaving out all of them is not enough
     */
    public function leftOut(array $looks, int $box): ?array
    {
        $may = [];
        foreach ($looks as $l => $look) {
            if ($look->priority !== Priority::Must) {
                $may[] = [$l, null, $look->priority->value(), $look->name];
            }
            foreach ($look->poses as $p => $pose) {
                if ($pose->priority !== Priority::Must) {
                    $may[] = [$l, $p, $pose->priority->value(), "{$pose->name} ({$look->name})"];
                }
            }
        }
        usort($may, static fn (array $a, array $b): int => $a[2] <=> $b[2]);
        $may = array_slice($may, 0, self::CHOICES);
        $best = $least = null;
        for ($bits = 0; $bits < 1 << count($may); $bits++) {
            $out = array_values(array_filter($may, static fn (int $i): bool => ($bits & 1 << $i) !== 0, ARRAY_FILTER_USE_KEY));
            $value = array_sum(array_column($out, 2));
            if (($least === null || $value < $least) && $this->minutes(self::without($looks, $out)) <= $box) {
                [$best, $least] = [array_column($out, 3), $value];
            }
        }

        return $best;
    }

    /**
     * @param  list<Look>  $looks
     * @param  list<array{int, int|null, int, string}>  $out  look, pose or all of it, value, name
     * @return list<Look>
     */
    private static function without(array $looks, array $out): array
    {
        $left = [];
        foreach ($looks as $l => $look) {
            $of = array_filter($out, static fn (array $o): bool => $o[0] === $l);
            if (array_filter($of, static fn (array $o): bool => $o[1] === null) === []) {
                $left[] = $look->with(array_values(array_diff_key($look->poses, array_flip(array_filter(array_column($of, 1), is_int(...))))));
            }
        }

        return $left;
    }

    /**
     * @param  list<Look>  $looks
     * @return iterable<list<Look>>
     */
    private static function orders(array $looks): iterable
    {
        if (count($looks) <= 1) {
            yield $looks;

            return;
        }
        foreach ($looks as $i => $first) {
            foreach (self::orders([...array_slice($looks, 0, $i), ...array_slice($looks, $i + 1)]) as $rest) {
                yield [$first, ...$rest];
            }
        }
    }
}
