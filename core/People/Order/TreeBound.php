<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/**
 * What the people of the hub must wait on one side of it at least, told outwards from the hub. Everybody stands by and is free
 * after the last of their groups. Of groups that are nested in or apart from one another, the larger one of two nested ones
 * comes first without loss, so the order is a tree, and the least sum of weighted times of release is found by always
 * joining the group of the highest weight per minute to the one that it follows (W. A. Horn, SIAM Journal on Applied
 * Mathematics 23, 1972). Groups that cross others are left out, which only takes waiting away.
 */
final class TreeBound
{
    /** @var list<int> groups that are nested in or apart from one another, the larger ones first */
    public readonly array $groups;

    /** @var array<int, int> by group, its people of the hub */
    private array $people = [];

    /** @var array<int, int|float> by group, the weight of its people of the hub */
    private array $weights = [];

    /** @var array<int, list<int>> by group, those that hold all of its people, the smallest first */
    private array $around = [];

    /** @var array<int, list<int>> by group, others that must come between it and the hub */
    private array $nearer = [];

    private int $mask = 0;

    /** @var array<int, int|float> by set of groups */
    private array $known = [];

    /** @param  bool  $isReversed  whether what comes later is nearer to the hub */
    public function __construct(private readonly OrderProblem $problem, int $hub, bool $isReversed)
    {
        $sizes = [];
        foreach ($problem->people as $g => $people) {
            if ($g !== $hub) {
                $this->people[$g] = $people & $problem->people[$hub];
                $sizes[$g] = $this->weights[$g] = $problem->weight($this->people[$g]);
            }
        }
        arsort($sizes);
        $nested = array_values(array_intersect(array_keys($sizes), $this->nested(array_keys($sizes))));
        foreach ($nested as $i => $g) {
            $inside = array_reverse(array_slice($nested, 0, $i));
            $this->around[$g] = array_values(array_filter($inside, fn (int $h): bool => ($this->people[$g] & ~$this->people[$h]) === 0));
            $this->mask |= 1 << $g;
        }
        $this->groups = $nested;
        $needs = $isReversed ? $problem->after : $problem->before;
        foreach ($nested as $i => $g) {
            // Only one that lies earlier in this list, so that nothing can come to follow itself.
            $this->nearer[$g] = array_values(
                array_filter(array_slice($nested, 0, $i), static fn (int $h): bool => (($needs[$g] >> $h) & 1) === 1),
            );
        }
    }

    /** @param  int  $groups  as bits */
    public function of(int $groups): int|float
    {
        $groups &= $this->mask;

        return $this->known[$groups] ??= $this->released($groups);
    }

    private function released(int $groups): int|float
    {
        $minutes = $weights = $follows = [];
        $inFrame = 0;
        foreach ($this->groups as $g) {
            if ((($groups >> $g) & 1) === 1) {
                $minutes[$g] = $this->problem->minutes[$g];
                $weights[$g] = $this->weights[$g];
                $inFrame += $minutes[$g] * $weights[$g];
                $follows[$g] = $to = $this->follows($g, $groups);
                // A weight is of those whose last group it is: not of those who are in one inside it.
                if ($to !== null && ($this->people[$g] & ~$this->people[$to]) === 0) {
                    $weights[$to] -= $this->weights[$g];
                }
            }
        }

        return self::joined($minutes, $weights, $follows) - $inFrame;
    }

    /** The group that this one comes right after in the tree; null where it may come first. */
    private function follows(int $g, int $groups): ?int
    {
        foreach ($this->around[$g] as $h) {
            if ((($groups >> $h) & 1) === 1) {
                return $h;
            }
        }
        foreach ($this->nearer[$g] as $h) {
            if ((($groups >> $h) & 1) === 1) {
                return $h;
            }
        }

        return null;
    }

    /**
     * The least sum of weighted times of release.
     *
     * @param  array<int, int|float>  $minutes  of the stretch that begins with each group
     * @param  array<int, int|float>  $weights  released in it
     * @param  array<int, int|null>  $follows
     */
    private static function joined(array $minutes, array $weights, array $follows): int|float
    {
        $time = $sum = 0;
        $sums = $rates = [];
        /** @var array<int, int|null> $into */
        $into = [];
        foreach ($minutes as $g => $of) {
            $sums[$g] = $weights[$g] * $of;
            $rates[$g] = $weights[$g] / $of;
        }
        while ($rates !== []) {
            $g = (int) array_search(max($rates), $rates, true);
            unset($rates[$g]);
            $to = $follows[$g];
            while ($to !== null && ! isset($rates[$to])) {
                $to = $into[$to];
            }
            $into[$g] = $to;
            if ($to === null) {
                $sum += $sums[$g] + $weights[$g] * $time;
                $time += $minutes[$g];
            } else {
                $sums[$to] += $sums[$g] + $weights[$g] * $minutes[$to];
                $minutes[$to] += $minutes[$g];
                $weights[$to] += $weights[$g];
                $rates[$to] = $weights[$to] / $minutes[$to];
            }
        }

        return $sum;
    }

    /**
     * Groups that do not cross each other: those that cross the fewest are taken first.
     *
     * @param  list<int>  $groups  the larger ones first
     * @return list<int>
     */
    private function nested(array $groups): array
    {
        $crossings = [];
        foreach ($groups as $g) {
            $crossings[$g] = count(array_filter($groups, fn (int $h): bool => $this->doCross($g, $h)));
        }
        asort($crossings);
        $nested = [];
        foreach (array_keys($crossings) as $g) {
            if (array_filter($nested, fn (int $h): bool => $this->doCross($g, $h)) === []) {
                $nested[] = $g;
            }
        }

        return $nested;
    }

    private function doCross(int $g, int $h): bool
    {
        $both = $this->people[$g] & $this->people[$h];

        return $both !== 0 && $both !== $this->people[$g] && $both !== $this->people[$h];
    }
}
