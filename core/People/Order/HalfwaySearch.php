<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

use NorthSatchel\Time\Patience;

/**
 * Called people, from both ends. Every order that waits C in all has a group before which at most C ÷ 2 was
 * waited and after which at most C ÷ 2 is still to wait. So all sets of groups that can be done for no more than
 * a radius are found, told forwards and told backwards, and joined through one group between; once twice
 * the radius is more than the best joined, that one is proven. Told backwards waiting costs the same, so without precedence
 * one end serves for both. The bound that stands when time is up is twice the last radius that was gone
 * through.
 */
final class HalfwaySearch
{
    private const TOLERANCE = 1e-9;

    private const CHUNK = 12;

    /** People and groups in three chunks of bits. */
    private const MOST = 3 * self::CHUNK;

    private const FIRST_SHARE = 1 / 16;

    /** The radius grows so much from round to round; the last round costs the most. */
    private const GROWTH = 1.3;

    /** About 100 bytes each. */
    private const MOST_STATES = 3_000_000;

    private const NOBODY = -1;

    /** @var array<int, array<int, bool>> whether a group of the one kind after one of the other is a meeting */
    private array $meets = [];

    public function __construct(private readonly OrderProblem $problem, private readonly OrderSearch $search)
    {
        $samples = [];
        foreach ($problem->kinds as $g => $kind) {
            $samples[$kind] ??= $g;
        }
        foreach ($samples as $one => $g) {
            foreach ($samples as $other => $h) {
                $this->meets[$one][$other] = $problem->isMeeting($g, $h);
            }
            $this->meets[self::NOBODY][$one] = $this->meets[$one][self::NOBODY] = false;
        }
    }

    /**
     * Only orders without a meeting are looked for.
     *
     * @param  int|float  $known  waiting of an order that is known
     * @return array{list<int>|null, int|float, int|float} a better order if there is one, its waiting, and what no order without a meeting
     *     falls below
     */
    public function below(int|float $known, Patience $patience): array
    {
        $problem = $this->problem;
        if ($problem->presence !== Presence::Called || $problem->count > self::MOST || count($problem->groupsOf) > self::MOST) {
            return [null, $known, 0];
        }
        $best = null;
        $floor = 0;
        $isSymmetric = array_filter($problem->before) === [];
        for ($radius = self::FIRST_SHARE * $known; $floor < $known - self::TOLERANCE; $radius *= self::GROWTH) {
            $radius = min($radius, $known / 2);
            $forwards = $this->within($radius, $problem->before, $patience);
            $backwards = $isSymmetric ? $forwards : $this->within($radius, $problem->after, $patience);
            if ($forwards === null || $backwards === null) {
                break;
            }
            $joined = $this->joined($forwards, $backwards, $known, $patience);
            if ($joined !== null) {
                [$best, $known] = $joined;
            }
            if ($patience->isOver()) {
                break;
            }
            $floor = min($known, 2 * $radius);
        }

        return [$best, $known, $floor];
    }

    /**
     * What it costs at least to have done each set of groups, by number of groups, kind of the last one and set.
     *
     * @param  array<int, int>  $before  by group, those that must come before it on this side
     * @return non-empty-list<array<int, array<int, float|int>>>|null null when time or room is up
     */
    private function within(int|float $radius, array $before, Patience $patience): ?array
    {
        $problem = $this->problem;
        [$all, $people, $minutes, $kinds] = [$problem->all(), $problem->people, $problem->minutes, $problem->kinds];
        [$weightsA, $weightsB, $weightsC] = $problem->tables->chunks;
        [$unionsA, $unionsB, $unionsC] = $this->search->unionTables();
        $layers = [[self::NOBODY => [0 => 0]]];
        $states = 0;
        for ($size = 0; $size < $problem->count; $size++) {
            $next = [];
            foreach ($layers[$size] as $kind => $costs) {
                $meets = $this->meets[$kind];
                foreach ($costs as $done => $cost) {
                    if ((++$states & 0xFF) === 0 && ($patience->isOver() || $states > self::MOST_STATES)) {
                        return null;
                    }
                    $rest = $all & ~$done;
                    $open =
                        ($unionsA[$done & 0xFFF] | $unionsB[($done >> 12) & 0xFFF] | $unionsC[($done >> 24) & 0xFFF]) &
                        ($unionsA[$rest & 0xFFF] | $unionsB[($rest >> 12) & 0xFFF] | $unionsC[($rest >> 24) & 0xFFF]);
                    for ($g = 0, $left = $rest; $left !== 0; $g++, $left >>= 1) {
                        if (($left & 1) === 0 || ($before[$g] & $rest) !== 0 || $meets[$kinds[$g]]) {
                            continue;
                        }
                        $waits = $open & ~$people[$g];
                        $grown =
                            $waits === 0
                                ? $cost
                                : $cost +
                                    $minutes[$g] *
                                        ($weightsA[$waits & 0xFFF] + $weightsB[($waits >> 12) & 0xFFF] + $weightsC[($waits >> 24) & 0xFFF]);
                        if ($grown <= $radius && $grown < ($next[$kinds[$g]][$done | (1 << $g)] ?? INF)) {
                            $next[$kinds[$g]][$done | (1 << $g)] = $grown;
                        }
                    }
                }
            }
            $layers[] = $next;
        }

        return $layers;
    }

    /**
     * The best order through one group between a set told forwards and one told backwards.
     *
     * @param  non-empty-list<array<int, array<int, float|int>>>  $forwards
     * @param  non-empty-list<array<int, array<int, float|int>>>  $backwards
     * @return array{list<int>, int|float}|null when none is better than what is known
     */
    private function joined(array $forwards, array $backwards, int|float $known, Patience $patience): ?array
    {
        $problem = $this->problem;
        $best = null;
        $looks = 0;
        foreach ($forwards as $size => $byKind) {
            $others = $backwards[$problem->count - $size - 1] ?? [];
            foreach ($byKind as $kind => $costs) {
                foreach ($costs as $done => $cost) {
                    if ((++$looks & 0xFF) === 0 && $patience->isOver()) {
                        break 3;
                    }
                    $rest = $problem->all() & ~$done;
                    for ($g = 0, $left = $rest; $left !== 0; $g++, $left >>= 1) {
                        if (($left & 1) === 0 || ($problem->before[$g] & $rest) !== 0 || $this->meets[$kind][$problem->kinds[$g]]) {
                            continue;
                        }
                        $then = $rest & ~(1 << $g);
                        foreach ($others as $nextKind => $nextCosts) {
                            if (! isset($nextCosts[$then]) || $this->meets[$problem->kinds[$g]][$nextKind]) {
                                continue;
                            }
                            $total = $cost + $nextCosts[$then] + $this->costOf($g, $done);
                            if ($total < $known - self::TOLERANCE) {
                                [$best, $known] = [[$kind, $done, $g, $nextKind, $then], $total];
                            }
                        }
                    }
                }
            }
        }
        if ($best === null) {
            return null;
        }
        [$kind, $done, $g, $nextKind, $then] = $best;

        return [
            [
                ...$this->orderOf($done, $kind, $forwards, $problem->before),
                $g,
                ...array_reverse($this->orderOf($then, $nextKind, $backwards, $problem->after)),
            ],
            $known,
        ];
    }

    /** What is waited during a group, once those are done. */
    private function costOf(int $g, int $done): int|float
    {
        $waits = $this->search->union($done) & $this->search->union($this->problem->all() & ~$done) & ~$this->problem->people[$g];

        return $waits === 0 ? 0 : $this->problem->minutes[$g] * $this->problem->weight($waits);
    }

    /**
     * The order behind the cost of a set, found again from its smaller sets.
     *
     * @param  non-empty-list<array<int, array<int, float|int>>>  $layers
     * @param  array<int, int>  $before
     * @return list<int>
     */
    private function orderOf(int $done, int $kind, array $layers, array $before): array
    {
        $order = [];
        for ($size = substr_count(decbin($done), '1'); $size > 0; $size--) {
            $cost = $layers[$size][$kind][$done];
            foreach ($this->problem->people as $g => $ignored) {
                $less = $done & ~(1 << $g);
                if ($less === $done || $this->problem->kinds[$g] !== $kind || ($before[$g] & ~$less) !== 0) {
                    continue;
                }
                foreach ($layers[$size - 1] as $lastKind => $costs) {
                    if (
                        isset($costs[$less]) &&
                        ! $this->meets[$lastKind][$kind] &&
                        abs($costs[$less] + $this->costOf($g, $less) - $cost) < self::TOLERANCE
                    ) {
                        $order[] = $g;
                        [$done, $kind] = [$less, $lastKind];

                        continue 3;
                    }
                }
            }
        }

        return array_reverse($order);
    }
}
