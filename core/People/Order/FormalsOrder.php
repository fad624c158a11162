<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Looks;
use NorthSatchel\Time\Patience;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * In which order are the groups called so that people wait least, those who must not meet not one after the
 * other? Proven where the time allows; else the best found, with a true bound.
 */
final class FormalsOrder
{
    private const GUESS_SHARE = 0.07;

    /** Beyond so many groups the time goes into a good order rather than into a proof. */
    private const PROVABLE = 28;

    private const LONG_GUESS_SHARE = 0.75;

    private const GUESSES = 12;

    private const WIDTH = 60_000;

    /** Up to so many groups the plain program is the quicker one. */
    private const PLAIN_UP_TO = 14;

    private const HUB_SHARE = 0.95;

    /** Where many groups cross others the hub proves little. */
    private const CROSSED_SHARE = 0.2;

    private const NESTED = 0.6;

    private const HUB_MOST_S = 3.0;

    /**
     * @param  list<Group>  $groups
     * @param  array<string, int|float>  $weights  by person id; 1 where absent
     * @param  list<array{string, string}>  $before  group ids, the first earlier
     * @param  list<array{string, string}>  $neverTogether  person ids
     * @param  Patience|null  $patience  after which the best found so far is given; null: as long as it takes
     *
     * @throws ImpossibleValue
     */
    public static function best(
        Presence $presence,
        array $groups,
        array $weights = [],
        array $before = [],
        array $neverTogether = [],
        ?Patience $patience = null,
    ): CallingOrder {
        $patience ??= Looks::endless();
        $problem = new OrderProblem($presence, $groups, $weights, $before, $neverTogether);
        if ($groups === []) {
            return new CallingOrder([], 0, 0, true, []);
        }
        [$order, $meetings, $waiting] = (new OrderGuess($problem, new Randomizer(new Mt19937(20))))->best(
            $patience->part($problem->count > self::PROVABLE ? self::LONG_GUESS_SHARE : self::GUESS_SHARE),
            self::GUESSES,
        );
        $search = new OrderSearch($problem);
        $least = $neverTogether === [] ? 0 : (new MeetingBound($problem))->ofAll();
        $lower = 0;
        $everybody = $presence === Presence::Gathered ? -1 : 0;
        for ($most = $least; $most <= $meetings; $most++) {
            // With fewer meetings than the known order has, any order will do.
            $known = $most === $meetings ? $problem->quickWaiting($order) : INF;
            [$found, , $lower] =
                $presence === Presence::Called && $most === 0 && ! is_infinite($known) && $problem->count > self::PLAIN_UP_TO
                    ? self::fromBothSides($problem, $search, $known, $patience)
                    : $search->below($problem->all(), $everybody, null, false, $known, $most, $patience, self::WIDTH);
            if ($found !== null) {
                [$order, $waiting, $meetings] = [$found, $problem->waiting($found), $problem->meetings($found)];
            }
            if ($found !== null || ($most < $meetings && $lower < INF)) {
                break;
            }
        }
        $lower = $problem->isPartial ? min($lower, $problem->quickWaiting($order)) : $lower;
        $lower = min(max($lower, $presence === Presence::Gathered ? $search->floor() : 0), $waiting);
        $isOptimal = $waiting - $lower < 1e-9;

        return new CallingOrder(
            array_map(static fn (int $g): string => $groups[$g]->id, $order),
            $waiting,
            $isOptimal ? $waiting : $lower,
            $isOptimal,
            self::nextTo($problem, $order),
        );
    }

    /**
     * Family lists are soonest proven by their hub; what that cannot do in its share of the time is tried from
     * both ends.
     *
     * @return array{list<int>|null, int|float, int|float}
     */
    private static function fromBothSides(OrderProblem $problem, OrderSearch $search, int|float $known, Patience $patience): array
    {
        $hub = new HubSearch($problem, $search);
        $share = $hub->nestedShare() >= self::NESTED ? self::HUB_SHARE : self::CROSSED_SHARE;
        [$order, $waiting, $lower] = $hub->below($known, $patience->part($share, self::HUB_MOST_S));
        if ($waiting - $lower < 1e-9) {
            return [$order, $waiting, $lower];
        }
        [$better, $waiting, $other] = (new HalfwaySearch($problem, $search))->below($waiting, $patience);

        return [$better ?? $order, $waiting, max($lower, $other)];
    }

    /**
     * @param  list<int>  $order
     * @return list<array{string, string}>
     */
    private static function nextTo(OrderProblem $problem, array $order): array
    {
        $pairs = [];
        for ($i = 1; $i < count($order); $i++) {
            if ($problem->isMeeting($order[$i - 1], $order[$i])) {
                $pairs[] = [$problem->groups[$order[$i - 1]]->id, $problem->groups[$order[$i]]->id];
            }
        }

        return $pairs;
    }
}
