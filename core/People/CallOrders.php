<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Order\CallingOrder;
use NorthSatchel\People\Order\FormalsOrder;
use NorthSatchel\People\Order\Group;
use NorthSatchel\People\Order\LeastWalking;
use NorthSatchel\People\Order\Presence;
use NorthSatchel\People\Order\RealCost;
use NorthSatchel\People\Order\RealOrder;
use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Patience;

/** The groups of a family in the order of each school. */
final class CallOrders
{
    /** A change-over of ordinary length, for the computed order cannot know which comes before which (common practice, no source). */
    public const USUAL_CHANGE_MINUTES = 0.7;

    private const PASSES = 2;

    /**
     * @param  list<FamilyGroup>  $groups
     * @return list<FamilyGroup>
     *
     * @throws ImpossibleValue when what must come before what goes in a circle
     */
    public static function by(School $school, array $groups, Family $family, bool $isGathered, ?Patience $patience = null): array
    {
        return self::solved($school, $groups, $family, $isGathered, $patience)->order;
    }

    /**
     * The same, with how near a computed order is to the best there is.
     *
     * @param  list<FamilyGroup>  $groups
     * @param  Patience|null  $patience  with a proof; null: as long as it takes
     *
     * @throws ImpossibleValue when what must come before what goes in a circle
     */
    public static function solved(School $school, array $groups, Family $family, bool $isGathered, ?Patience $patience = null): CallSolution
    {
        $listed = self::inOneOrder($groups);
        $rule = new Precedence($listed, $family);
        $real = $school === School::LeastWaiting ? RealOrder::best($listed, $family, $isGathered, $rule) : null;
        if ($real !== null) {
            $order = self::pick($listed, $real);
            $waiting = (new StandTime($order, $family, $isGathered))->waiting;

            return new CallSolution($order, $waiting, $waiting, true, true);
        }
        if ($school === School::LeastWaiting) {
            $found = self::leastWaiting($listed, $family, $isGathered, $patience);

            return new CallSolution(
                self::pick($listed, self::settled($listed, array_map(intval(...), $found->order), $family, $isGathered, $rule)),
                $found->waiting,
                $found->lowerBound,
                $found->isOptimal,
            );
        }

        return match ($school) {
            School::AsListed => new CallSolution($rule->repaired($groups)),
            School::ReleaseDown => new CallSolution($rule->repaired(self::sorted($groups, -1))),
            School::BuildUp => new CallSolution($rule->repaired(self::sorted($groups, 1))),
            School::LeastWalking => self::leastWalking($listed, $family, $patience ?? Looks::endless()),
        };
    }

    /** @param  list<FamilyGroup>  $groups */
    public static function leastWaiting(array $groups, Family $family, bool $isGathered, ?Patience $patience = null): CallingOrder
    {
        $weights = [];
        foreach ($family->people() as $person) {
            $weights[$person->name] = $person->weight();
        }
        $given = [];
        foreach ($groups as $index => $group) {
            $given[] = new Group((string) $index, Pace::minutes(count($group->people)) + self::USUAL_CHANGE_MINUTES, $group->people);
        }
        $before = array_map(
            static fn (array $pair): array => [(string) $pair[0], (string) $pair[1]],
            (new Precedence($groups, $family))->pairs(),
        );
        $apart = array_values(
            array_filter(
                $family->apart(),
                static fn (array $pair): bool => array_filter(
                    $groups,
                    static fn (FamilyGroup $g): bool => array_diff($pair, $g->people) === [],
                ) === [],
            ),
        );

        return FormalsOrder::best($isGathered ? Presence::Gathered : Presence::Called, $given, $weights, $before, $apart, $patience);
    }

    /**
     * The same list always begins the same, however it stands now.
     *
     * @param  list<FamilyGroup>  $groups
     * @return list<FamilyGroup>
     */
    private static function inOneOrder(array $groups): array
    {
        usort($groups, static fn (FamilyGroup $a, FamilyGroup $b): int => [$a->title, $a->people] <=> [$b->title, $b->people]);

        return $groups;
    }

    /**
     * The computed order takes every change-over as of ordinary length; groups are moved once more by what the
     * change-overs really cost, as long as nobody meets more often for it.
     *
     * @param  list<FamilyGroup>  $groups
     * @param  list<int>  $order  their indexes
     * @return list<int>
     */
    private static function settled(array $groups, array $order, Family $family, bool $isGathered, Precedence $rule): array
    {
        $cost = new RealCost($groups, $family, $isGathered);
        $pairs = $rule->pairs();
        // Meetings, and then waiting.
        $best = [$cost->meetings($order), $cost->waiting($order)];
        for ($pass = 0; $pass < self::PASSES; $pass++) {
            foreach (array_keys($order) as $from) {
                $rest = $order;
                $moved = array_splice($rest, $from, 1);
                foreach (array_keys($order) as $to) {
                    $try = [...array_slice($rest, 0, $to), ...$moved, ...array_slice($rest, $to)];
                    $meetings = $cost->meetings($try);
                    if ($meetings > $best[0]) {
                        continue;
                    }
                    $now = [$meetings, $cost->waiting($try)];
                    if ($now < $best && self::isKept($pairs, $try)) {
                        [$order, $best] = [$try, $now];
                    }
                }
            }
        }

        return $order;
    }

    /**
     * @param  list<array{int, int}>  $pairs  indexes, the first earlier
     * @param  list<int>  $order
     */
    private static function isKept(array $pairs, array $order): bool
    {
        $place = array_flip($order);
        foreach ($pairs as [$first, $then]) {
            if ($place[$first] > $place[$then]) {
                return false;
            }
        }

        return true;
    }

    /** How many people walk in or out between two groups. */
    public static function walks(FamilyGroup $a, FamilyGroup $b): int
    {
        return count(array_diff($a->people, $b->people)) + count(array_diff($b->people, $a->people));
    }

    /**
     * @param  list<FamilyGroup>  $groups
     * @return list<FamilyGroup>
     */
    private static function sorted(array $groups, int $sign): array
    {
        usort($groups, static fn (FamilyGroup $a, FamilyGroup $b): int => $sign * (count($a->people) <=> count($b->people)));

        return $groups;
    }

    /**
     * The fewest people who walk in and out; those kept apart not one after the other where that can be.
     *
     * @param  list<FamilyGroup>  $groups
     */
    private static function leastWalking(array $groups, Family $family, Patience $patience): CallSolution
    {
        $found = (new LeastWalking(
            array_map(static fn (FamilyGroup $g): array => $g->people, $groups),
            (new Precedence($groups, $family))->pairs(),
            $family->apart(),
        ))->best($patience);

        return new CallSolution(
            self::pick($groups, $found->order),
            $found->walks,
            $found->lowerBound,
            $found->isOptimal,
        );
    }

    /** @param  list<FamilyGroup>  $order */
    public static function allWalks(array $order): int
    {
        $walks = 0;
        for ($i = 1; $i < count($order); $i++) {
            $walks += self::walks($order[$i - 1], $order[$i]);
        }

        return $walks;
    }

    /**
     * @param  list<FamilyGroup>  $groups
     * @param  list<int>  $order  their indexes
     * @return list<FamilyGroup>
     */
    private static function pick(array $groups, array $order): array
    {
        return array_map(static fn (int $i): FamilyGroup => $groups[$i], $order);
    }
}
