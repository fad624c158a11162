<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/** Who can wait at all: people with the same groups are one, with the sum of their weights. */
final readonly class MergedPeople
{
    /**
     * @param  list<int>  $groupsOf  by merged person, the groups as bits
     * @param  list<int|float>  $weights  by merged person
     * @param  array<int, int>  $people  by group, its merged people as bits
     * @param  list<array{list<int>, int|float}>  $everybody  all of them, with their groups' indexes, for the true cost
     * @param  bool  $isPartial  whether some were left out because there are too many different ones
     */
    private function __construct(
        public array $groupsOf,
        public array $weights,
        public array $people,
        public array $everybody,
        public bool $isPartial,
    ) {}

    /**
     * @param  list<Group>  $groups
     * @param  array<string, int|float>  $weights  by person id; 1 where absent
     */
    public static function of(array $groups, array $weights, Presence $presence): self
    {
        $all = (1 << count($groups)) - 1;
        $groupsOf = [];
        foreach ($groups as $index => $group) {
            foreach ($group->people as $person) {
                $groupsOf[$person] = ($groupsOf[$person] ?? 0) | (1 << $index);
            }
        }
        $merged = [];
        foreach ($groupsOf as $person => $of) {
            $isOnce = $presence === Presence::Called && ($of & ($of - 1)) === 0;
            $weight = $weights[$person] ?? 1;
            if ($of !== $all && ! $isOnce && $weight > 0) {
                $merged[$of] = ($merged[$of] ?? 0) + $weight;
            }
        }
        arsort($merged);
        $people = array_fill(0, count($groups), 0);
        $bits = $weightOf = $everybody = [];
        foreach ($merged as $of => $weight) {
            $indexes = array_values(array_filter(array_keys($groups), static fn (int $g): bool => ($of & (1 << $g)) !== 0));
            $everybody[] = [$indexes, $weight];
            if (count($bits) >= OrderProblem::MOST_BITS) {
                continue;
            }
            foreach ($indexes as $index) {
                $people[$index] |= 1 << count($bits);
            }
            $bits[] = $of;
            $weightOf[] = $weight;
        }

        return new self($bits, $weightOf, $people, $everybody, count($everybody) > count($bits));
    }
}
