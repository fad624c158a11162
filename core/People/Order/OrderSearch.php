<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;

/**
 * Dynamic programming over the sets of groups that are done, layer by layer, pruned by a good order that is
 * known and by a bound on what is still to come; the talent scheduling problem (R. M. Adelson, J. M. Norman
 * and G. Laporte, 1976). Where people must not meet, the pairs' ends in the last group belong to the state,
 * and only as many meetings are let through as there must be.
 */
final class OrderSearch
{
    /** People of groups, by chunks of groups. */
    private const CHUNK = 12;

    private const TOLERANCE = 1e-9;

    private const SHORT = 14;

    /** @var list<list<int>> */
    private array $unions = [];

    private readonly PairBound $bound;

    private readonly MeetingBound $meetings;

    public function __construct(private readonly OrderProblem $problem)
    {
        $this->bound = new PairBound($problem);
        $this->meetings = new MeetingBound($problem);
        for ($from = 0; $from < OrderProblem::MOST_BITS; $from += self::CHUNK) {
            $table = [0];
            for ($bit = 0; $bit < self::CHUNK; $bit++) {
                $people = $problem->people[$from + $bit] ?? 0;
                foreach ($table as $union) {
                    $table[] = $union | $people;
                }
            }
            $this->unions[] = $table;
        }
    }

    /**
     * The best order of a part of the day's groups.
     *
     * @param  int  $groups  those to put in order, as bits
     * @param  int  $started  people who stand by from the beginning, as bits
     * @param  int|null  $last  the group before them
     * @param  bool  $isReversed  told from the last to the first
     * @param  int|float  $known  waiting of an order that is known: only less is looked for
     * @param  int  $most  meetings let through
     * @param  Patience  $patience  after which it gives up
     * @param  int  $width  states kept in a layer
     * @return array{list<int>|null, int|float, int|float} a better order if there is one, its waiting, and what no order with so many
     *     meetings falls below
     */
    public function below(
        int $groups,
        int $started,
        ?int $last,
        bool $isReversed,
        int|float $known,
        int $most,
        Patience $patience,
        int $width,
    ): array {
        $problem = $this->problem;
        [$before, $after] = $isReversed ? [$problem->after, $problem->before] : [$problem->before, $problem->after];
        $isGathered = $problem->presence === Presence::Gathered;
        $hasPairs = $problem->apart !== [];
        $this->groupsOf = $this->states = [];
        $indexes = array_values(array_filter(array_keys($problem->people), static fn (int $g): bool => (($groups >> $g) & 1) === 1));
        // By state: the waiting so far, the last group, the meetings so far; where from and by which group.
        $costs = [0 => 0];
        $lasts = [0 => $last ?? -1];
        $met = [0 => 0];
        $trail = [];
        $isShort = count($indexes) <= self::SHORT;
        $floor = INF;
        $looks = 0;
        $isOver = false;
        foreach ($indexes as $ignored) {
            if ($patience->isOver()) {
                $floor = min([$floor, ...array_values($costs)]);
                $costs = [];
            }
            $nextCosts = $nextLasts = $nextMet = $from = [];
            foreach ($costs as $state => $cost) {
                $done = $hasPairs ? $this->groupsDone($state) : $state;
                $rest = $groups & ~$done;
                $there = $started | $this->union($done);
                $open = $there & $this->union($rest);
                if ((++$looks & 0x3F) === 0) {
                    $isOver = $patience->isOver();
                }
                if ($isOver) {
                    $floor = min($floor, $cost);

                    continue;
                }
                // In a short list looking ahead costs more than the states it spares.
                $bound = $isShort ? $cost : $cost + $this->bound->of($open, $rest);
                if ($bound >= $known - self::TOLERANCE) {
                    continue;
                }
                $only = $hasPairs ? null : $this->freeGroup($indexes, $open, $there, $rest, $done, $before);
                foreach ($indexes as $g) {
                    if ((($rest >> $g) & 1) === 0 || ($only !== null && $g !== $only) || ($before[$g] & $groups & ~$done) !== 0) {
                        continue;
                    }
                    // Once all stand by: whose people are all in another still to come loses nothing right after that one.
                    if ($isGathered && ! $hasPairs && ($problem->within[$g] & $rest) !== 0 && ($after[$g] & $rest) === 0) {
                        continue;
                    }
                    $waits = $open & ~$problem->people[$g];
                    $grown = $waits === 0 ? $cost : $cost + $problem->minutes[$g] * $problem->weight($waits);
                    if ($grown >= $known - self::TOLERANCE) {
                        continue;
                    }
                    $to = $done | (1 << $g);
                    $meets = 0;
                    if ($hasPairs) {
                        $meets = $met[$state] + ($lasts[$state] >= 0 && $problem->isMeeting($lasts[$state], $g) ? 1 : 0);
                        if ($meets + $this->meetings->of($groups & ~$to, $g) > $most) {
                            continue;
                        }
                        $to = $this->state($to, $g, $meets);
                    }
                    if (! isset($nextCosts[$to]) || $grown < $nextCosts[$to]) {
                        $nextCosts[$to] = $grown;
                        $nextLasts[$to] = $g;
                        $nextMet[$to] = $meets;
                        $from[$to] = $state;
                    }
                }
            }
            if (count($nextCosts) > $width) {
                $floor = min($floor, SearchTrail::thin($nextCosts, $width));
            }
            $trail[] = [$from, $nextLasts];
            [$costs, $lasts, $met] = [$nextCosts, $nextLasts, $nextMet];
        }
        $best = null;
        foreach ($costs as $state => $cost) {
            $best = $best === null || $cost < $costs[$best] ? $state : $best;
        }
        $found = $best === null ? $known : $costs[$best];

        return [$best === null ? null : SearchTrail::walkBack($trail, $best), $found, min($found, $floor)];
    }

    /** What no order of all groups falls below when all stand by from the start. */
    public function floor(): float
    {
        return $this->bound->of($this->union($this->problem->all()), $this->problem->all());
    }

    /** @var array<int, int> with pairs: the groups done, by state */
    private array $groupsOf = [];

    /** @var array<int, array<int, int>> states by groups done and by what the last one and the meetings so far mean */
    private array $states = [];

    private function groupsDone(int $state): int
    {
        return $this->groupsOf[$state] ?? 0;
    }

    private function state(int $done, int $last, int $meets): int
    {
        $key = $this->problem->kinds[$last] * 64 + $meets;
        $state = $this->states[$done][$key] ?? null;
        if ($state === null) {
            $state = count($this->groupsOf) + 1;
            $this->states[$done][$key] = $state;
            $this->groupsOf[$state] = $done;
        }

        return $state;
    }

    /**
     * A group that brings nobody new and in which everybody is who stands by costs nothing now and frees them
     * soonest: nothing is better than to do it next.
     *
     * @param  list<int>  $indexes
     * @param  array<int, int>  $before
     */
    private function freeGroup(array $indexes, int $open, int $there, int $rest, int $done, array $before): ?int
    {
        foreach ($open === 0 ? [] : $indexes as $g) {
            $people = $this->problem->people[$g];
            if ((($rest >> $g) & 1) === 1 && ($open & ~$people) === 0 && ($people & ~$there) === 0 && ($before[$g] & ~$done) === 0) {
                return $g;
            }
        }

        return null;
    }

    /**
     * Who is in any of a chunk of twelve groups, for loops that cannot call union() each time.
     *
     * @return list<list<int>>
     */
    public function unionTables(): array
    {
        return $this->unions;
    }

    /** Who is in any of these groups. */
    public function union(int $groups): int
    {
        $people = 0;
        for ($i = 0; $groups !== 0; $i++, $groups >>= self::CHUNK) {
            $people |= $this->unions[$i][$groups & 0xFFF];
        }

        return $people;
    }
}
