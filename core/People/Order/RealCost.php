<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\Pace;

/** What StandTime and the meetings of an order of groups come to, without who is where when: for orders that are tried by the hundred. */
final class RealCost
{
    /** @var array<int, float> minutes of each group */
    public readonly array $minutes;

    /** @var array<int, array<int, float>> minutes of the change-over after a group; that of the first under its own number */
    public readonly array $changes;

    /** @var array<int, array<int, int>> meetings between two groups */
    public readonly array $met;

    /** @var array<array-key, float> by name */
    public readonly array $weights;

    /** @param  list<FamilyGroup>  $groups */
    public function __construct(public readonly array $groups, Family $family, public readonly bool $isGathered)
    {
        $minutes = $changes = $met = $weights = [];
        foreach ($groups as $i => $group) {
            $minutes[$i] = Pace::minutes(count($group->people));
            foreach ($group->people as $name) {
                $weights[$name] ??= (float) ($family->person($name)?->weight() ?? 1);
            }
            foreach ($groups as $j => $other) {
                $changes[$i][$j] = Pace::changeOver($i === $j ? null : $group->people, $other->people, $isGathered);
                $met[$i][$j] = $i === $j ? 0 : self::meet($group, $other, $family);
            }
        }
        [$this->minutes, $this->changes, $this->met, $this->weights] = [$minutes, $changes, $met, $weights];
    }

    /** How many of those kept apart stand in one group and in the other. */
    private static function meet(FamilyGroup $a, FamilyGroup $b, Family $family): int
    {
        $in = static fn (string $name, FamilyGroup $group): bool => in_array($name, $group->people, true);

        return count(
            array_filter(
                $family->apart(),
                static fn (array $pair): bool => ($in($pair[0], $a) && $in($pair[1], $b)) || ($in($pair[1], $a) && $in($pair[0], $b)),
            ),
        );
    }

    /** @param  list<int>  $order */
    public function meetings(array $order): int
    {
        $count = 0;
        for ($i = 1; $i < count($order); $i++) {
            $count += $this->met[$order[$i - 1]][$order[$i]];
        }

        return $count;
    }

    /**
     * Weighted person-minutes, rounded as StandTime rounds them.
     *
     * @param  list<int>  $order
     */
    public function waiting(array $order): float
    {
        $at = 0.0;
        $before = null;
        $from = $free = $inFrame = [];
        foreach ($order as $i) {
            $begins = $at + $this->changes[$before ?? $i][$i];
            $ends = $begins + $this->minutes[$i];
            [$begins, $rounded] = [round($begins, 1), round($ends, 1)];
            foreach ($this->groups[$i]->people as $name) {
                $from[$name] ??= $this->isGathered ? 0.0 : $at;
                $inFrame[$name] = ($inFrame[$name] ?? 0.0) + $rounded - $begins;
                $free[$name] = $rounded;
            }
            [$at, $before] = [$ends, $i];
        }
        $waiting = 0.0;
        foreach ($free as $name => $end) {
            $waiting += $this->weights[$name] * round(max(0.0, $end - $from[$name] - $inFrame[$name]), 1);
        }

        return round($waiting, 1);
    }
}
