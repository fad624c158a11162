<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/**
 * The chance that a load is gone within some days: the causes strike independently, each as a Poisson process with
 * its yearly rate, and a load is gone when the causes that struck took every copy of it. Worked out exactly over all
 * sets of causes that matter.
 */
final class LossRisk
{
    private const DAYS_A_YEAR = 365.25;

    private const MOST_CAUSES = 16;

    /**
     * @param  list<Blow>  $blows
     * @return float 0–1
     */
    public static function of(AuditLoad $load, array $blows, float $days, float $cardAYear = 0.01): float
    {
        $lives = count($load->copies) + ($load->isOnCard ? 1 : 0);
        if ($lives === 0) {
            return 1.0;
        }
        $whole = (1 << $lives) - 1;
        /** @var list<array{float, int}> $causes chance within the days, copies taken as bits */
        $causes = [];
        foreach ($blows as $blow) {
            $takes = 0;
            foreach ($load->copies as $i => $copy) {
                $takes |= $blow->takes($copy) ? 1 << $i : 0;
            }
            $takes |= $load->isOnCard && $blow->takesCards ? 1 << count($load->copies) : 0;
            if ($takes !== 0) {
                $causes[] = [self::chance($blow->aYear, $days), $takes];
            }
        }
        if ($load->isOnCard) {
            $causes[] = [self::chance($cardAYear, $days), 1 << count($load->copies)];
        }
        usort($causes, static fn (array $a, array $b): int => $b[0] <=> $a[0]);

        return self::gone(array_slice($causes, 0, self::MOST_CAUSES), 0, $whole, 0);
    }

    /** That a cause strikes at least once. */
    private static function chance(float $aYear, float $days): float
    {
        return 1 - exp((-$aYear * $days) / self::DAYS_A_YEAR);
    }

    /** @param  list<array{float, int}>  $causes */
    private static function gone(array $causes, int $at, int $whole, int $taken): float
    {
        if ($taken === $whole) {
            return 1.0;
        }
        if ($at === count($causes)) {
            return 0.0;
        }
        [$chance, $takes] = $causes[$at];

        return $chance * self::gone($causes, $at + 1, $whole, $taken | $takes) +
            (1 - $chance) * self::gone($causes, $at + 1, $whole, $taken);
    }
}
