<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/**
 * How many meetings there must still be, precedence aside: only how many groups of each kind are left counts,
 * two groups being of one kind when the same ends of the pairs are in them.
 */
final class MeetingBound
{
    /** @var array<int, int> by group, its kind */
    private array $kindOf = [];

    /** @var array<int, int> by kind, its groups as bits */
    private array $groupsOf = [];

    /** @var array<int, array<int, bool>> by two kinds */
    private array $meets = [];

    /** @var array<int, array<int, int>> by kind of the last group and groups still to come */
    private array $ofRest = [];

    /** @var array<string, int> */
    private array $known = [];

    public function __construct(private readonly OrderProblem $problem)
    {
        $this->kindOf = $problem->kinds;
        foreach ($problem->kinds as $group => $kind) {
            $this->groupsOf[$kind] = ($this->groupsOf[$kind] ?? 0) | 1 << $group;
        }
        foreach ($this->kindOf as $a => $kindA) {
            foreach ($this->kindOf as $b => $kindB) {
                $this->meets[$kindA][$kindB] = $problem->isMeeting($a, $b);
            }
        }
    }

    /** At least so many among all, in any order. */
    public function ofAll(): int
    {
        $best = PHP_INT_MAX;
        for ($first = 0; $first < $this->problem->count; $first++) {
            $best = min($best, $this->of($this->problem->all() & ~(1 << $first), $first));
        }

        return $best === PHP_INT_MAX ? 0 : $best;
    }

    /** @param  int  $rest  groups still to come, as bits */
    public function of(int $rest, int $last): int
    {
        $kind = $this->kindOf[$last];
        if (isset($this->ofRest[$kind][$rest])) {
            return $this->ofRest[$kind][$rest];
        }
        $counts = [];
        foreach ($this->groupsOf as $of => $groups) {
            $counts[$of] = substr_count(decbin($rest & $groups), '1');
        }

        return $this->ofRest[$kind][$rest] = $this->least($counts, $kind);
    }

    /** @param  array<int, int>  $counts */
    private function least(array $counts, int $last): int
    {
        // Of one kind all may follow each other: more than two of a kind make no further difference but as spacers.
        $key = implode(' ', $counts).' '.$last;
        if (isset($this->known[$key])) {
            return $this->known[$key];
        }
        $best = PHP_INT_MAX;
        foreach ($counts as $kind => $count) {
            if ($count > 0) {
                $best = min($best, ($this->meets[$last][$kind] ? 1 : 0) + $this->least([...$counts, $kind => $count - 1], $kind));
            }
        }

        return $this->known[$key] = $best === PHP_INT_MAX ? 0 : $best;
    }
}
