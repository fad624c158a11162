<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

/** Which chain of segments brings one past its time. */
final readonly class Clash
{
    /**
     * @param  array<string, Part>  $parts  by id
     * @param  array<string, array<string, int>>  $follows  for each part: minutes that must lie after the end of each it follows
     * @param  int  $start  of the day, minutes since midnight
     */
    public function __construct(private array $parts, private array $follows, private int $start) {}

    /**
     * The smallest chain whose segments, one after the other from the earliest that the first of them
     * allows by itself, bring the last one past a time; of equally small ones the latest.
     *
     * @return list<string>
     */
    public function ending(string $late, int $limit): array
    {
        $chains = [[$late]];
        while ($chains !== []) {
            $best = null;
            $bestAt = $limit;
            $longer = [];
            foreach ($chains as $chain) {
                $at = $this->arrival($chain);
                if ($at > $bestAt) {
                    $best = $chain;
                    $bestAt = $at;
                }
                foreach (array_keys($this->follows[$chain[0]]) as $before) {
                    $longer[] = [(string) $before, ...$chain];
                }
            }
            if ($best !== null) {
                return $best;
            }
            // Chains that start alike differ only in what follows; the one that pushes most stands for all.
            $chains = $this->strongest($longer);
        }

        return [$late];
    }

    /**
     * @param  list<non-empty-list<string>>  $chains
     * @return list<non-empty-list<string>> one for each first segment
     */
    private function strongest(array $chains): array
    {
        $byHead = [];
        foreach ($chains as $chain) {
            $known = $byHead[$chain[0]] ?? null;
            if ($known === null || $this->length($chain) > $this->length($known)) {
                $byHead[$chain[0]] = $chain;
            }
        }

        return array_values($byHead);
    }

    /** @param  non-empty-list<string>  $chain */
    private function arrival(array $chain): int
    {
        $first = $this->parts[$chain[0]];
        $at = count($chain) > 1 && $first->fixedStart !== null ? $first->fixedStart : max($this->start, $first->earliest ?? $this->start);
        for ($i = 1; $i < count($chain); $i++) {
            $at += $this->parts[$chain[$i - 1]]->minutes + $this->follows[$chain[$i]][$chain[$i - 1]];
            $part = $this->parts[$chain[$i]];
            $isLast = $i === count($chain) - 1;
            $at = ! $isLast && $part->fixedStart !== null ? $part->fixedStart : max($at, $part->earliest ?? $at);
        }

        return $at;
    }

    /** @param  non-empty-list<string>  $chain */
    private function length(array $chain): int
    {
        $minutes = 0;
        for ($i = 1; $i < count($chain); $i++) {
            $minutes += $this->parts[$chain[$i - 1]]->minutes + $this->follows[$chain[$i]][$chain[$i - 1]];
        }

        return $minutes;
    }
}
