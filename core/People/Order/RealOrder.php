<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\Precedence;

/**
 * The order of a few groups with the fewest meetings of those kept apart and then the least waiting, with every change-over as long as it
 * really is after the group before: all orders, by dynamic programming over who has been and who was last (after M. Held and R. Karp,
 * 1962). Waiting is counted as StandTime counts it.
 */
final class RealOrder
{
    /** More groups than this would keep a page waiting. */
    public const MOST = 12;

    /** A meeting weighs more than any waiting. */
    private const MEETING = 1e7;

    /** @var array<int, int> by group, who is in it, a bit each */
    private array $masks = [];

    /** @var array<int, float> by group, weights of who is in it */
    private array $weights = [];

    /** @var array<array-key, int> bit by name */
    private array $bits = [];

    /** @param  list<array{int, int}>  $before  indexes, the first earlier */
    private function __construct(private readonly RealCost $cost, private readonly array $before)
    {
        foreach (array_keys($cost->weights) as $at => $name) {
            $this->bits[$name] = 1 << $at;
        }
        foreach ($cost->groups as $i => $group) {
            $this->masks[$i] = array_reduce($group->people, fn (int $mask, string $name): int => $mask | $this->bits[$name], 0);
            $this->weights[$i] = $this->weightOf($this->masks[$i]);
        }
    }

    /**
     * Null for more groups or people than can be looked through.
     *
     * @param  list<FamilyGroup>  $groups
     * @param  Precedence  $rule  of these groups
     * @return list<int>|null indexes in the best order
     */
    public static function best(array $groups, Family $family, bool $isGathered, Precedence $rule): ?array
    {
        $people = array_unique(array_merge(...array_map(static fn (FamilyGroup $g): array => $g->people, $groups) ?: [[]]));

        return $groups === [] || count($groups) > self::MOST || count($people) > 62
            ? null
            : (new self(new RealCost($groups, $family, $isGathered), $rule->pairs()))->search();
    }

    /** @return list<int>|null */
    private function search(): ?array
    {
        $n = count($this->masks);
        $earlier = array_fill(0, $n, 0);
        foreach ($this->before as [$first, $then]) {
            $earlier[$then] |= 1 << $first;
        }
        $full = (1 << $n) - 1;
        $costs = $from = [];
        for ($done = 0; $done < $full; $done++) {
            if ($done > 0 && ! isset($costs[$done])) {
                continue;
            }
            [$here, $came] = $this->present($done);
            for ($next = 0; $next < $n; $next++) {
                if (($done >> $next & 1) === 1 || ($earlier[$next] & ~$done) !== 0) {
                    continue;
                }
                $mask = $this->masks[$next];
                $waiting = $here + ($this->cost->isGathered ? 0.0 : $this->weightOf($mask & ~$came));
                $framed = $this->cost->minutes[$next] * ($waiting - $this->weights[$next]);
                foreach ($done === 0 ? [$next => 0.0] : $costs[$done] as $last => $cost) {
                    $now = $cost + $this->cost->changes[$last][$next] * $waiting + $framed + self::MEETING * $this->cost->met[$last][$next];
                    if ($now < ($costs[$done | 1 << $next][$next] ?? INF) - 1e-9) {
                        $costs[$done | 1 << $next][$next] = $now;
                        $from[$done | 1 << $next][$next] = $done === 0 ? -1 : $last;
                    }
                }
            }
        }

        return isset($costs[$full]) ? self::traced($costs[$full], $from, $full) : null;
    }

    /**
     * @param  array<int, float>  $ends  cost by last group
     * @param  array<int, array<int, int>>  $from
     * @return list<int>
     */
    private static function traced(array $ends, array $from, int $done): array
    {
        asort($ends);
        $last = (int) array_key_first($ends);
        $order = [];
        while ($last >= 0) {
            array_unshift($order, $last);
            $before = $from[$done][$last];
            $done &= ~(1 << $last);
            $last = $before;
        }

        return $order;
    }

    /**
     * Who stands there once these groups are taken, and is still wanted.
     *
     * @return array{float, int} their weights, and the bits of all who came
     */
    private function present(int $done): array
    {
        $came = $wanted = 0;
        foreach ($this->masks as $i => $mask) {
            if (($done >> $i & 1) === 1) {
                $came |= $mask;
            } else {
                $wanted |= $mask;
            }
        }

        return [$this->weightOf($this->cost->isGathered ? $wanted : $wanted & $came), $came];
    }

    private function weightOf(int $mask): float
    {
        $sum = 0.0;
        foreach ($this->bits as $name => $bit) {
            $sum += ($mask & $bit) === 0 ? 0.0 : $this->cost->weights[$name];
        }

        return $sum;
    }
}
