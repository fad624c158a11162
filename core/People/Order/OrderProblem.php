<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\ImpossibleValue;

/**
 * The groups and people as sets of bits: people with the same groups are one with the sum of their weights,
 * and who never waits (in every group, or called and in one only) is left out.
 */
final class OrderProblem
{
    public const MOST_BITS = 62;

    public readonly int $count;

    /** @var array<int, int> by group, its people as bits */
    public array $people = [];

    /** @var array<int, int|float> by group */
    public array $minutes = [];

    /** @var array<int, int> by group, the groups that must come before it as bits */
    public array $before = [];

    /** @var array<int, int> by group, the groups that it must come before as bits */
    public array $after = [];

    /**
     * By group, the groups that hold all of its people and more, as bits (of equal ones the earlier).
     *
     * @var array<int, int>
     */
    public array $within = [];

    /** @var array<int, int> by group; groups of one kind hold the same ends of the pairs */
    public array $kinds = [];

    /** @var array<int, int> by group, which of the people that must not meet are in it, as bits of the pairs' ends */
    public array $ends = [];

    /** @var list<int|float> by merged person */
    public array $weights = [];

    /** @var list<int> by merged person, the groups as bits */
    public array $groupsOf = [];

    private readonly Earlier $earlier;

    /** Whether some people were left out because there are too many different ones: then costs are only bounds. */
    public bool $isPartial = false;

    public readonly WeightTables $tables;

    /** @var list<array{list<int>, int|float}> all merged people that can wait: as bits where they fit, and here for the true cost */
    private array $everybody = [];

    /**
     * @param  list<Group>  $groups
     * @param  array<string, int|float>  $weights  by person id; 1 where absent
     * @param  list<array{string, string}>  $precedence  group ids, the first earlier
     * @param  list<array{string, string}>  $apart  person ids
     *
     * @throws ImpossibleValue for an unknown id, a group with both of a pair, or a cycle
     */
    public function __construct(
        public readonly Presence $presence,
        public readonly array $groups,
        array $weights,
        array $precedence,
        public readonly array $apart,
    ) {
        $this->count = count($groups);
        if ($this->count > self::MOST_BITS) {
            throw ImpossibleValue::of('groups', 'must be '.self::MOST_BITS.' at most');
        }
        $this->minutes = array_map(static fn (Group $g): int|float => $g->minutes, $groups);
        $merged = MergedPeople::of($groups, $weights, $presence);
        [$this->people, $this->groupsOf, $this->weights] = [$merged->people, $merged->groupsOf, $merged->weights];
        [$this->everybody, $this->isPartial] = [$merged->everybody, $merged->isPartial];
        foreach ($this->people as $g => $people) {
            $this->within[$g] = 0;
            foreach ($this->people as $other => $more) {
                $isWithin = ($people & ~$more) === 0 && ($people !== $more || $other < $g);
                $this->within[$g] |= $isWithin && $other !== $g ? 1 << $other : 0;
            }
        }
        $this->earlier = $this->readPrecedence($precedence);
        [$this->before, $this->after] = [$this->earlier->before, $this->earlier->after];
        $this->readPairs();
        $this->tables = WeightTables::from($this->weights);
    }

    public function all(): int
    {
        return (1 << $this->count) - 1;
    }

    /** The weight of a set of merged people. */
    public function weight(int $people): int|float
    {
        return $this->tables->of($people);
    }

    /**
     * Weighted person-minutes of waiting, of everybody.
     *
     * @param  list<int>  $order  indexes of groups
     */
    public function waiting(array $order): int|float
    {
        $at = [];
        $time = 0;
        foreach ($order as $index) {
            $at[$index] = $time;
            $time += $this->minutes[$index];
        }
        $waiting = 0;
        foreach ($this->everybody as [$indexes, $weight]) {
            $from = $this->presence === Presence::Gathered ? 0 : PHP_INT_MAX;
            $to = 0;
            $inFrame = 0;
            foreach ($indexes as $index) {
                $from = min($from, $at[$index]);
                $to = max($to, $at[$index] + $this->minutes[$index]);
                $inFrame += $this->minutes[$index];
            }
            $waiting += $weight * ($to - $from - $inFrame);
        }

        return $waiting;
    }

    /**
     * Waiting of the merged people alone, quickly; the same unless some were left out.
     *
     * @param  list<int>  $order
     */
    public function quickWaiting(array $order): int|float
    {
        /** @var array<int, int> $later */
        $later = [];
        $rest = 0;
        for ($i = $this->count - 1; $i >= 0; $i--) {
            $later[$i] = $rest;
            $rest |= $this->people[$order[$i]];
        }
        $started = 0;
        $waiting = 0;
        $isGathered = $this->presence === Presence::Gathered;
        foreach ($order as $i => $index) {
            $waits = ($later[$i] ?? 0) & ~$this->people[$index] & ($isGathered ? -1 : $started);
            $started |= $this->people[$index];
            $waiting += $waits === 0 ? 0 : $this->minutes[$index] * $this->weight($waits);
        }

        return $waiting;
    }

    public function isMeeting(int $first, int $then): bool
    {
        // Each pair has two bits: one's end in the first group and the other's in the next.
        $swapped = (($this->ends[$then] & 0x1555555555555555) << 1) | (($this->ends[$then] >> 1) & 0x1555555555555555);

        return ($this->ends[$first] & $swapped) !== 0;
    }

    /** @param  list<int>  $order */
    public function meetings(array $order): int
    {
        $count = 0;
        for ($i = 1; $i < count($order); $i++) {
            $count += $this->isMeeting($order[$i - 1], $order[$i]) ? 1 : 0;
        }

        return $count;
    }

    /** @param  list<int>  $order */
    public function keepsPrecedence(array $order): bool
    {
        return $this->earlier->isKept($order);
    }

    /** @param  list<array{string, string}>  $precedence */
    private function readPrecedence(array $precedence): Earlier
    {
        $index = array_flip(array_map(static fn (Group $g): string => $g->id, $this->groups));
        $pairs = [];
        foreach ($precedence as [$first, $then]) {
            foreach ([$first, $then] as $id) {
                if (! isset($index[$id])) {
                    throw ImpossibleValue::of('before', "must name groups of the list, and {$id} is none");
                }
            }
            $pairs[] = [$index[$first], $index[$then]];
        }

        return Earlier::of($this->count, $pairs);
    }

    private function readPairs(): void
    {
        if (count($this->apart) > 31) {
            throw ImpossibleValue::of('never_together', 'must be 31 pairs at most');
        }
        $this->ends = array_fill(0, $this->count, 0);
        foreach ($this->groups as $index => $group) {
            foreach ($this->apart as $pair => [$one, $other]) {
                $hasOne = in_array($one, $group->people, true);
                $hasOther = in_array($other, $group->people, true);
                if ($hasOne && $hasOther) {
                    throw ImpossibleValue::of('never_together', "must not be in one group: {$one} and {$other} are both in {$group->id}");
                }
                $this->ends[$index] |= ($hasOne ? 1 << (2 * $pair) : 0) | ($hasOther ? 2 << (2 * $pair) : 0);
            }
        }
        $kinds = array_flip(array_values(array_unique($this->ends)));
        $this->kinds = array_map(static fn (int $ends): int => $kinds[$ends], $this->ends);
    }
}
