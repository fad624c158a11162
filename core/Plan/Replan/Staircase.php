<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/**
 * A score that falls in steps the later one is: the best that can still be reached from a time on.
 * Steps are (latest time, score), times rising, scores falling.
 */
final readonly class Staircase
{
    /**
     * @param  list<int>  $until
     * @param  list<int>  $scores
     */
    private function __construct(private array $until, private array $scores) {}

    /** The same score at every time. */
    public static function flat(int $score): self
    {
        return new self([PHP_INT_MAX], [$score]);
    }

    /** Null from the time on at which nothing is possible any more. */
    public function at(int $time): ?int
    {
        $low = 0;
        $high = count($this->until);
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->until[$middle] < $time) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $this->scores[$low] ?? null;
    }

    /**
     * The upper envelope of what several ways to go on offer.
     *
     * @param  list<self>  $ways
     */
    public static function best(array $ways): self
    {
        $steps = [];
        foreach ($ways as $way) {
            foreach ($way->until as $index => $until) {
                $steps[$until] = max($steps[$until] ?? PHP_INT_MIN, $way->scores[$index]);
            }
        }
        krsort($steps);
        $until = $scores = [];
        $best = PHP_INT_MIN;
        foreach ($steps as $time => $score) {
            if ($score > $best) {
                $until[] = $time;
                $scores[] = $score;
                $best = $score;
            }
        }

        return new self(array_reverse($until), array_reverse($scores));
    }

    public function plus(int $score): self
    {
        return new self($this->until, array_map(static fn (int $s): int => $s + $score, $this->scores));
    }

    /**
     * What is offered to somebody who first does a segment: from its end on, as a function of the time
     * one leaves the place before.
     *
     * @param  int  $score  of doing it
     */
    public function before(Rest $segment, int $minutes, int $way, int $score): self
    {
        $first = $segment->fixedStart ?? $segment->earliest ?? PHP_INT_MIN;
        $limit = min($segment->latestEnd ?? PHP_INT_MAX, $segment->fixedStart === null ? PHP_INT_MAX : $segment->fixedStart + $minutes);
        $until = $scores = [];
        if ($segment->fixedStart !== null && ($segment->earliest ?? PHP_INT_MIN) > $segment->fixedStart) {
            return new self([], []);
        }
        foreach ($this->until as $index => $end) {
            $lastEnd = min($end, $limit);
            if ($first === PHP_INT_MIN || $lastEnd >= $first + $minutes) {
                if ($segment->fixedStart !== null && $lastEnd < $segment->fixedStart + $minutes) {
                    continue;
                }
                $until[] = $lastEnd === PHP_INT_MAX ? PHP_INT_MAX : $lastEnd - $minutes - $way;
                $scores[] = $this->scores[$index] + $score;
            }
        }

        return self::best([new self($until, $scores)]);
    }
}
