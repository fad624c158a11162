<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Cover;

/** Choices of things made whole, and made light: what fills all rows, and what of it can stay at home. */
final readonly class CoverChoice
{
    public function __construct(private CoverProblem $problem) {}

    /**
     * A choice that fills all rows, made of one that may not.
     *
     * @param  array<int, int>  $choice
     * @param  array<int, float>  $reduced
     * @return array<int, int>
     */
    public function completed(array $choice, array $reduced): array
    {
        do {
            $worst = null;
            foreach ($this->problem->rows as $r => $row) {
                $sum = 0;
                foreach ($row as $index => $coefficient) {
                    $sum += $coefficient * $choice[$index];
                }
                if ($sum < $this->problem->right[$r]) {
                    foreach ($row as $index => $coefficient) {
                        if ($coefficient > 0 && $choice[$index] === 0 && ($worst === null || $reduced[$index] < $reduced[$worst])) {
                            $worst = $index;
                        }
                    }
                    break;
                }
            }
            if ($worst !== null) {
                $choice[$worst] = 1;
            }
        } while ($worst !== null);
        $order = array_keys($choice);
        usort($order, fn (int $a, int $b): int => $reduced[$b] <=> $reduced[$a]);

        return $this->lightened($choice, $order);
    }

    /**
     * The same without whatever can stay at home, looked at in that order.
     *
     * @param  array<int, int>  $choice
     * @param  array<int>  $order
     * @return array<int, int>
     */
    public function lightened(array $choice, array $order): array
    {
        // Of equally heavy things the last of the shelf goes first.
        usort($order, fn (int $a, int $b): int => [$this->problem->costs[$b], $b] <=> [$this->problem->costs[$a], $a]);
        foreach ($order as $index) {
            if (($choice[$index] ?? 0) === 1) {
                $choice[$index] = 0;
                if (! $this->problem->holds($choice)) {
                    $choice[$index] = 1;
                }
            }
        }

        return $choice;
    }
}
