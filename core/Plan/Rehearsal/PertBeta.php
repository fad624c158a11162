<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Rehearsal;

/**
 * The beta-PERT distribution (λ = 4; D. G. Malcolm et al., 1959) as a table of quantiles, so that a
 * draw is one look-up.
 */
final class PertBeta
{
    private const GRID = 2048;

    private const TABLE = 1024;

    private const LAMBDA = 4.0;

    /** @var array<string, list<float>> quantiles on 0…1 by shape */
    private static array $tables = [];

    /**
     * Quantiles of the duration at 0, 1/1024, … 1, minutes.
     *
     * @return list<float>
     */
    public static function quantiles(Stretch $stretch): array
    {
        $range = $stretch->high - $stretch->low;
        if ($range <= 0) {
            return array_fill(0, self::TABLE + 1, $stretch->low);
        }
        $alpha = 1 + self::LAMBDA * ($stretch->likely - $stretch->low) / $range;
        $beta = 1 + self::LAMBDA * ($stretch->high - $stretch->likely) / $range;

        return array_map(static fn (float $q): float => $stretch->low + $range * $q, self::unit($alpha, $beta));
    }

    public static function mean(Stretch $s): float
    {
        return ($s->low + self::LAMBDA * $s->likely + $s->high) / (self::LAMBDA + 2);
    }

    /** The beta's own variance, not the usual approximation ((b − a) ÷ 6)². */
    public static function variance(Stretch $s): float
    {
        $mean = self::mean($s);

        return ($mean - $s->low) * ($s->high - $mean) / (self::LAMBDA + 3);
    }

    /** @return list<float> */
    private static function unit(float $alpha, float $beta): array
    {
        return self::$tables[sprintf('%.6f %.6f', $alpha, $beta)] ??= self::invert(self::cumulated($alpha, $beta));
    }

    /** @return list<float> the distribution function at 0, 1/2048, … 1, by the midpoint rule */
    private static function cumulated(float $alpha, float $beta): array
    {
        $sum = 0.0;
        $cumulated = [0.0];
        for ($i = 0; $i < self::GRID; $i++) {
            $x = ($i + 0.5) / self::GRID;
            $sum += $x ** ($alpha - 1) * (1 - $x) ** ($beta - 1);
            $cumulated[] = $sum;
        }

        return array_map(static fn (float $c): float => $c / $sum, $cumulated);
    }

    /**
     * @param  list<float>  $cumulated
     * @return list<float>
     */
    private static function invert(array $cumulated): array
    {
        $quantiles = [];
        $at = 0;
        for ($k = 0; $k <= self::TABLE; $k++) {
            $p = $k / self::TABLE;
            while ($at < self::GRID - 1 && $cumulated[$at + 1] < $p) {
                $at++;
            }
            $step = $cumulated[$at + 1] - $cumulated[$at];
            $within = $step > 0 ? max(0.0, min(1.0, ($p - $cumulated[$at]) / $step)) : 0.0;
            $quantiles[] = ($at + $within) / self::GRID;
        }

        return $quantiles;
    }
}
