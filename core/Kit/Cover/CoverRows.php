<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

/** What the rows of a cover say once some things are taken and others left: what follows, and where to branch. */
final readonly class CoverRows
{
    public const FREE = PHP_INT_MIN;

    public function __construct(private CoverProblem $problem) {}

    /**
     * What follows from what is fixed; false when nothing can follow.
     *
     * @param  array<int, int>  $fixed  changed in place
     */
    public function propagate(array &$fixed): bool
    {
        do {
            $isChanged = false;
            foreach ($this->problem->rows as $r => $row) {
                $most = 0;
                foreach ($row as $index => $coefficient) {
                    $most += $fixed[$index] === self::FREE ? max(0, $coefficient) : $coefficient * $fixed[$index];
                }
                $spare = $most - $this->problem->right[$r];
                if ($spare < 0) {
                    return false;
                }
                if ($spare > 0) {
                    continue;
                }
                foreach ($row as $index => $coefficient) {
                    if ($fixed[$index] === self::FREE) {
                        $fixed[$index] = $coefficient > 0 ? 1 : 0;
                        $isChanged = true;
                    }
                }
            }
            foreach ($this->problem->nextLike as $index => $next) {
                if ($next >= 0 && $fixed[$index] === 0 && $fixed[$next] !== 0) {
                    if ($fixed[$next] === 1) {
                        return false;
                    }
                    $fixed[$next] = 0;
                    $isChanged = true;
                }
                if ($next >= 0 && $fixed[$next] === 1 && $fixed[$index] === self::FREE) {
                    $fixed[$index] = 1;
                    $isChanged = true;
                }
            }
        } while ($isChanged);

        return true;
    }

    /**
     * The free thing of the row that is hardest to fill; null when the things taken fill all rows.
     *
     * @param  array<int, int>  $fixed
     * @param  array<int, float>  $reduced
     */
    public function mostOpen(array $fixed, array $reduced): ?int
    {
        $found = null;
        $fewest = PHP_INT_MAX;
        foreach ($this->problem->rows as $r => $row) {
            $sum = 0;
            $open = [];
            foreach ($row as $index => $coefficient) {
                if ($fixed[$index] === self::FREE && $coefficient > 0) {
                    $open[] = $index;
                } elseif ($fixed[$index] === 1) {
                    $sum += $coefficient;
                }
            }
            $ways = count($open) - ($this->problem->right[$r] - $sum);
            if ($sum < $this->problem->right[$r] && $ways < $fewest) {
                $fewest = $ways;
                usort($open, static fn (int $a, int $b): int => [$reduced[$a], $a] <=> [$reduced[$b], $b]);
                $found = $open[0];
            }
        }

        return $found;
    }
}
