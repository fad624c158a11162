<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/** Which group must come before which: as somebody said, and groups with people who leave early before all others. */
final class Precedence
{
    /** @var array<int, array<int, true>> by group, the groups that must come before it */
    private array $before = [];

    /**
     * @param  list<FamilyGroup>  $groups
     *
     * @throws ImpossibleValue when what was said goes in a circle
     */
    public function __construct(private readonly array $groups, Family $family)
    {
        foreach ($groups as $index => $group) {
            $this->before[$index] = [];
            foreach ($groups as $other => $earlier) {
                if ($group->after !== null && $other !== $index && $earlier->title === $group->after) {
                    $this->before[$index][$other] = true;
                }
            }
        }
        if (count(self::sorted($this->before)) < count($groups)) {
            throw ImpossibleValue::of('after', 'must not go in a circle');
        }
        // What somebody said counts for more than who leaves: a pair that would contradict it is left out.
        foreach ($groups as $index => $group) {
            foreach ($groups as $other => $earlier) {
                if (self::isHurried($earlier, $family) && ! self::isHurried($group, $family) && ! $this->mustComeBefore($index, $other)) {
                    $this->before[$index][$other] = true;
                }
            }
        }
    }

    /** @return list<array{int, int}> indexes, the first earlier */
    public function pairs(): array
    {
        $pairs = [];
        foreach ($this->before as $index => $earlier) {
            foreach (array_keys($earlier) as $other) {
                $pairs[] = [$other, $index];
            }
        }

        return $pairs;
    }

    /**
     * The same order, with each group moved back behind what must come before it.
     *
     * @param  list<FamilyGroup>  $order  the groups in some order
     * @return list<FamilyGroup>
     */
    public function repaired(array $order): array
    {
        $left = array_map(fn (FamilyGroup $g): int => (int) array_search($g, $this->groups, true), $order);
        $before = [];
        foreach ($left as $index) {
            $before[$index] = array_intersect_key($this->before[$index], array_flip($left));
        }

        return array_map(fn (int $index): FamilyGroup => $this->groups[$index], self::sorted($before));
    }

    /** @param  list<FamilyGroup>  $order */
    public function isKeptBy(array $order): bool
    {
        return $this->repaired($order) === $order;
    }

    /** Whether somebody in it is there for the ceremony only, or leaves before all are taken. */
    public static function isHurried(FamilyGroup $group, Family $family): bool
    {
        return array_filter($group->people, $family->isHurried(...)) !== [];
    }

    private function mustComeBefore(int $earlier, int $later): bool
    {
        $look = [$later];
        $seen = [];
        while ($look !== []) {
            $at = array_pop($look);
            foreach (array_keys($this->before[$at] ?? []) as $one) {
                if ($one === $earlier) {
                    return true;
                }
                if (! isset($seen[$one])) {
                    $seen[$one] = true;
                    $look[] = $one;
                }
            }
        }

        return false;
    }

    /**
     * Always the first that nothing holds back; shorter than what was given where there is a circle.
     *
     * @param  array<int, array<int, true>>  $before  by group, in the order wished for
     * @return list<int>
     */
    private static function sorted(array $before): array
    {
        $done = [];
        do {
            $found = null;
            foreach ($before as $index => $earlier) {
                if (array_diff_key($earlier, array_flip($done)) === []) {
                    $found = $index;
                    break;
                }
            }
            if ($found !== null) {
                $done[] = $found;
                unset($before[$found]);
            }
        } while ($found !== null);

        return $done;
    }
}
