<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Judge;

use NorthSatchel\Kit\Shelf\Gear;

/**
 * The lens changes that the shots of one photographer force, with as few as can be: which lenses start on the
 * bodies, and when one is taken off for another. Exact: all choices of mounted lenses are followed through the day.
 */
final readonly class LensChanges
{
    /**
     * @param  list<Gear>  $start  on the bodies from the beginning, shortest first
     * @param  list<LensChange>  $changes
     * @param  list<string>  $unreached  shots that none of the lenses reaches
     */
    private function __construct(public array $start, public array $changes, public array $unreached) {}

    /**
     * @param  list<Gear>  $lenses  that this photographer carries
     * @param  int  $bodies  in use
     * @param  list<WantedFocal>  $shots  in the order of the day
     */
    public static function of(array $lenses, int $bodies, array $shots, float $crop = 1.0): self
    {
        $mounted = min($bodies, count($lenses));
        $reaches = static fn (Gear $lens, int $mm): bool => $lens->reachOn($crop)[0] <= $mm + 1e-9 && $lens->reachOn($crop)[1] >= $mm - 1e-9;
        $unreached = $steps = [];
        foreach ($shots as $shot) {
            if (array_filter($lenses, static fn (Gear $l): bool => $reaches($l, $shot->focalMm)) === []) {
                $unreached[] = $shot->what;
            } else {
                $steps[] = $shot;
            }
        }
        if ($mounted === 0) {
            return new self([], [], $unreached);
        }
        $sets = self::choices(array_keys($lenses), $mounted);
        /** @var array<int, array{cost: int, way: list<int>}> $best by set */
        $best = array_map(static fn (array $set): array => ['cost' => 0, 'way' => []], $sets);
        foreach ($steps as $shot) {
            $next = [];
            foreach ($sets as $to => $set) {
                if (array_filter($set, static fn (int $l): bool => $reaches($lenses[$l], $shot->focalMm)) === []) {
                    continue;
                }
                foreach ($best as $from => $before) {
                    $cost = $before['cost'] + count(array_diff($set, $sets[$from]));
                    if (! isset($next[$to]) || $cost < $next[$to]['cost'] || ($cost === $next[$to]['cost'] && $to === $from)) {
                        $next[$to] = ['cost' => $cost, 'way' => [...$before['way'], $to]];
                    }
                }
            }
            $best = $next;
        }
        $way = [];
        $least = PHP_INT_MAX;
        foreach ($best as $end) {
            if ($end['cost'] < $least) {
                [$least, $way] = [$end['cost'], $end['way']];
            }
        }

        return new self(self::inOrder($lenses, $sets[$way[0] ?? 0]), self::told($lenses, $sets, $way, $steps), $unreached);
    }

    /**
     * @param  list<Gear>  $lenses
     * @param  list<list<int>>  $sets
     * @param  list<int>  $way
     * @param  list<WantedFocal>  $steps
     * @return list<LensChange>
     */
    private static function told(array $lenses, array $sets, array $way, array $steps): array
    {
        $changes = [];
        for ($i = 1; $i < count($way); $i++) {
            $off = array_values(array_diff($sets[$way[$i - 1]], $sets[$way[$i]]));
            foreach (array_values(array_diff($sets[$way[$i]], $sets[$way[$i - 1]])) as $n => $on) {
                $changes[] = new LensChange(before: $steps[$i]->what, off: $lenses[$off[$n]], on: $lenses[$on]);
            }
        }

        return $changes;
    }

    /**
     * @param  list<int>  $from
     * @return list<list<int>>
     */
    private static function choices(array $from, int $count): array
    {
        if ($count === 0) {
            return [[]];
        }
        $all = [];
        foreach ($from as $i => $one) {
            foreach (self::choices(array_slice($from, $i + 1), $count - 1) as $rest) {
                $all[] = [$one, ...$rest];
            }
        }

        return $all;
    }

    /**
     * @param  list<Gear>  $lenses
     * @param  list<int>  $set
     * @return list<Gear>
     */
    private static function inOrder(array $lenses, array $set): array
    {
        $start = array_map(static fn (int $l): Gear => $lenses[$l], $set);
        usort($start, static fn (Gear $a, Gear $b): int => $a->reachOn(1.0) <=> $b->reachOn(1.0));

        return $start;
    }
}
