<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Rehearsal;

/** The chain of segments lived through many times: how sure is each start, and what drives the finish? */
final class Rehearsal
{
    /** @var list<RehearsedStart> minutes since midnight */
    public array $starts = [];

    public float $finishP50;

    public float $finishP90;

    /** @var array<string, float> by id: covariance with the finish ÷ variance of the finish */
    public array $shares = [];

    /**
     * @param  int  $start  minutes since midnight
     * @param  list<Stretch>  $stretches
     */
    public function __construct(int $start, array $stretches, int $runs, int $seed, float $correlation = 0.0)
    {
        $tables = array_map(PertBeta::quantiles(...), $stretches);
        $scale = count($tables[0] ?? [0, 0]) - 1;
        $count = count($stretches);
        $draws = new Draws($seed, $correlation);
        $starts = array_fill(0, $count, []);
        $finishes = [];
        $sums = $products = array_fill(0, $count, 0.0);
        for ($run = 0; $run < $runs; $run++) {
            $at = (float) $start;
            $durations = [];
            foreach ($draws->run($count) as $i => $u) {
                if ($i >= $count) {
                    break;
                }
                $fixed = $stretches[$i]->fixedStart;
                $arrived = $at;
                if ($fixed !== null && $at < $fixed) {
                    $at = (float) $fixed;
                }
                $starts[$i][] = $fixed === null ? $at : $arrived;
                $table = $tables[$i];
                $x = $u * $scale;
                $low = (int) $x;
                $duration = $table[$low] + ($x - $low) * ($table[$low + 1] - $table[$low]);
                $at += $duration;
                $durations[] = $duration;
            }
            $finishes[] = $at;
            // Measured from the day's start, so that the products stay small and exact.
            $lasted = $at - $start;
            foreach ($durations as $i => $duration) {
                $sums[$i] += $duration;
                $products[$i] += $duration * $lasted;
            }
        }
        $this->summarise($stretches, $starts, $finishes, $start, $sums, $products);
    }

    /**
     * @param  list<Stretch>  $stretches
     * @param  array<int, list<float>>  $arrivals  for a fixed start, when one was there
     * @param  list<float>  $finishes
     * @param  array<int, float>  $sums
     * @param  array<int, float>  $products
     */
    private function summarise(array $stretches, array $arrivals, array $finishes, int $start, array $sums, array $products): void
    {
        $runs = count($finishes);
        foreach ($stretches as $i => $stretch) {
            $fixed = $stretch->fixedStart;
            $onTime =
                $fixed === null
                    ? null
                    : count(array_filter($arrivals[$i], static fn (float $at): bool => $at <= $fixed + 1e-9)) / (float) $runs;
            $at = $fixed === null ? $arrivals[$i] : array_map(static fn (float $a): float => max($a, (float) $fixed), $arrivals[$i]);
            sort($at);
            $this->starts[] = new RehearsedStart(
                id: $stretch->id,
                p50: self::quantile($at, 0.5),
                p90: self::quantile($at, 0.9),
                onTime: $onTime,
            );
        }
        $mean = array_sum($finishes) / $runs - $start;
        $variance = 0.0;
        foreach ($finishes as $finish) {
            $variance += ($finish - $start - $mean) ** 2;
        }
        foreach ($stretches as $i => $stretch) {
            $covariance = $products[$i] - $sums[$i] * $mean;
            $this->shares[$stretch->id] = $variance / $runs > 1e-9 ? $covariance / $variance : 0.0;
        }
        sort($finishes);
        $this->finishP50 = self::quantile($finishes, 0.5);
        $this->finishP90 = self::quantile($finishes, 0.9);
    }

    /** @param  list<float>  $sorted */
    private static function quantile(array $sorted, float $p): float
    {
        $at = $p * (count($sorted) - 1);
        $low = (int) $at;

        return $sorted[$low] + ($at - $low) * (($sorted[$low + 1] ?? $sorted[$low]) - $sorted[$low]);
    }
}
