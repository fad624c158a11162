<?php

declare(strict_types=1);

namespace NorthSatchel\People\Order;

/**
 * What must still be waited at least, once some groups are done. Of two people who both stand by now, the one
 * who is free last waits through every group of the other that is not also theirs. A group's minutes are
 * shared out among the people in it by their weights, so that no minute is counted twice (after M. Garcia de la Banda,
 * P. J. Stuckey and G. Chu, 2011).
 */
final class PairBound
{
    private const CHUNK = 12;

    /**
     * @var array<int, array<int, array{int, int, int|float}>> by two people: the groups of the first alone, of the second alone, the
     * product of their weights
     */
    private array $pairs = [];

    /** @var list<list<float>> shared minutes of chunks of groups */
    private array $tables = [];

    public function __construct(private readonly OrderProblem $problem)
    {
        $share = [];
        foreach ($problem->minutes as $group => $minutes) {
            $share[$group] = $minutes / max(1e-9, $problem->weight($problem->people[$group]));
        }
        for ($from = 0; $from < OrderProblem::MOST_BITS; $from += self::CHUNK) {
            $table = [0.0];
            for ($bit = 0; $bit < self::CHUNK; $bit++) {
                foreach ($table as $sum) {
                    $table[] = $sum + ($share[$from + $bit] ?? 0.0);
                }
            }
            $this->tables[] = $table;
        }
        foreach ($problem->groupsOf as $p => $ofP) {
            foreach ($problem->groupsOf as $q => $ofQ) {
                if ($q > $p && ($ofP & ~$ofQ) !== 0 && ($ofQ & ~$ofP) !== 0) {
                    $this->pairs[$p][$q] = [$ofP & ~$ofQ, $ofQ & ~$ofP, $problem->weights[$p] * $problem->weights[$q]];
                }
            }
        }
    }

    /**
     * @param  int  $open  people who stand by and are needed again
     * @param  int  $rest  groups still to come
     */
    public function of(int $open, int $rest): float
    {
        $sum = 0.0;
        [$low, $middle, $high] = [$this->tables[0], $this->tables[1], $this->tables[2]];
        $isWide = $rest >> 36 !== 0;
        for ($p = 0, $left = $open; $left !== 0; $p++, $left >>= 1) {
            if (($left & 1) === 0 || ! isset($this->pairs[$p])) {
                continue;
            }
            foreach ($this->pairs[$p] as $q => [$a, $b, $weight]) {
                if ((($open >> $q) & 1) === 0) {
                    continue;
                }
                $a &= $rest;
                $b &= $rest;
                if ($a !== 0 && $b !== 0) {
                    $ofA = $low[$a & 0xFFF] + $middle[($a >> 12) & 0xFFF] + $high[($a >> 24) & 0xFFF] + ($isWide ? $this->wide($a) : 0.0);
                    $ofB = $low[$b & 0xFFF] + $middle[($b >> 12) & 0xFFF] + $high[($b >> 24) & 0xFFF] + ($isWide ? $this->wide($b) : 0.0);
                    $sum += $weight * ($ofA < $ofB ? $ofA : $ofB);
                }
            }
        }

        return $sum;
    }

    private function wide(int $groups): float
    {
        return $this->tables[3][($groups >> 36) & 0xFFF] +
            $this->tables[4][($groups >> 48) & 0xFFF] +
            $this->tables[5][($groups >> 60) & 0xFFF];
    }
}
