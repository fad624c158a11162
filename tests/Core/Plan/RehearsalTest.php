<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Rehearsal\PertBeta;
use NorthSatchel\Plan\Rehearsal\Rehearsal;
use NorthSatchel\Plan\Rehearsal\Stretch;
use PHPUnit\Framework\TestCase;

final class RehearsalTest extends TestCase
{
    /** PERT mean (a + 4m + b) ÷ 6 (Malcolm et al., 1959); variance that of the beta itself. */
    public function test_the_table_has_the_mean_and_variance_of_the_distribution(): void
    {
        foreach ([[10, 20, 45], [5, 5, 30], [0, 30, 30], [15, 16, 17]] as [$low, $likely, $high]) {
            $stretch = new Stretch('s', $low, $likely, $high);
            $table = PertBeta::quantiles($stretch);
            $sum = $squares = 0.0;
            for ($i = 0; $i < count($table) - 1; $i++) {
                $middle = ($table[$i] + $table[$i + 1]) / 2;
                $sum += $middle;
                $squares += $middle ** 2;
            }
            $mean = $sum / (count($table) - 1);
            $this->assertEqualsWithDelta(($low + 4 * $likely + $high) / 6, $mean, 0.01);
            $variance = $squares / (count($table) - 1) - $mean ** 2;
            $this->assertEqualsWithDelta(PertBeta::variance($stretch), $variance, max(0.02, PertBeta::variance($stretch) * 0.01));
        }
    }

    /**
     * The median of a symmetric beta is its middle; of beta(2, 4) it is 0.31381 (computed from its distribution function
     * 10x²−20x³+15x⁴−4x⁵).
     */
    public function test_quantiles_are_those_of_the_beta(): void
    {
        $this->assertEqualsWithDelta(15, PertBeta::quantiles(new Stretch('s', 10, 15, 20))[512], 0.001);
        $x = PertBeta::quantiles(new Stretch('s', 0, 25, 100))[512] / 100;
        $this->assertEqualsWithDelta(0.5, 10 * $x ** 2 - 20 * $x ** 3 + 15 * $x ** 4 - 4 * $x ** 5, 0.0005);
    }

    /** Without anchors a chain's mean is the sum of the means, its variance the sum of the variances. */
    public function test_a_chain_agrees_with_the_analytic_mean_and_spread(): void
    {
        $stretches = [];
        $mean = $variance = 0.0;
        for ($i = 0; $i < 30; $i++) {
            $stretches[] = $s = new Stretch("s{$i}", 5 + ($i % 4), 12 + ($i % 6), 30 + ($i % 9));
            $mean += PertBeta::mean($s);
            $variance += PertBeta::variance($s);
        }
        $r = new Rehearsal(0, $stretches, 8000, 11);
        $this->assertEqualsWithDelta($mean, $r->finishP50, 1.0);
        $this->assertEqualsWithDelta(1.2816 * sqrt($variance), $r->finishP90 - $r->finishP50, 1.0, 'nearly normal by the central limit');
        $this->assertEqualsWithDelta(1.0, array_sum($r->shares), 1e-9);
        foreach ($stretches as $s) {
            $this->assertEqualsWithDelta(PertBeta::variance($s) / $variance, $r->shares[$s->id], 0.03);
        }
    }

    /** With full correlation the spreads add up instead of their squares. */
    public function test_a_slow_day_is_slow_throughout(): void
    {
        $stretches = array_map(static fn (int $i): Stretch => new Stretch("s{$i}", 10, 15, 35), range(1, 16));
        $one = sqrt(PertBeta::variance($stretches[0]));
        $spread = static fn (float $correlation): float => (new Rehearsal(0, $stretches, 6000, 5, $correlation))->finishP90 -
            (new Rehearsal(0, $stretches, 6000, 5, $correlation))->finishP50;
        $this->assertEqualsWithDelta(1.28 * $one * 4, $spread(0.0), 2.0);
        $table = PertBeta::quantiles($stretches[0]);
        $this->assertEqualsWithDelta(16 * ($table[(int) (0.9 * 1024)] - $table[512]), $spread(1.0), 5.0);
        $this->assertGreaterThan($spread(0.0), $spread(0.4));
        $this->assertGreaterThan($spread(0.4), $spread(1.0));
    }

    public function test_correlation_is_one_of_ranks(): void
    {
        $stretches = [new Stretch('a', 0, 20, 100), new Stretch('b', 0, 50, 60)];
        $draws = new \NorthSatchel\Plan\Rehearsal\Draws(3, 0.6);
        $a = $b = [];
        for ($i = 0; $i < 6000; $i++) {
            [$a[], $b[]] = $draws->run(count($stretches));
        }
        // Spearman's coefficient of uniform ranks is Pearson's of the numbers themselves.
        $mean = static fn (array $x): float => array_sum($x) / count($x);
        $covariance = $mean(array_map(static fn (float $x, float $y): float => $x * $y, $a, $b)) - $mean($a) * $mean($b);
        $this->assertEqualsWithDelta(0.5, $mean($a), 0.015);
        $this->assertEqualsWithDelta(0.6, $covariance * 12, 0.03);
    }

    public function test_an_anchor_waits_and_its_chance_is_counted(): void
    {
        $r = new Rehearsal(
            600,
            [new Stretch('drive', 10, 15, 20), new Stretch('vows', 30, 30, 30, 615), new Stretch('after', 0, 0, 0)],
            4000,
            2,
        );
        $this->assertEqualsWithDelta(0.5, $r->starts[1]->onTime, 0.03);
        $this->assertSame(615.0, $r->starts[1]->p50 < 615.2 ? 615.0 : $r->starts[1]->p50);
        $this->assertNull($r->starts[0]->onTime);
        $sure = new Rehearsal(600, [new Stretch('drive', 10, 15, 20), new Stretch('vows', 30, 30, 30, 621)], 500, 2);
        $this->assertSame(1.0, $sure->starts[1]->onTime);
        $this->assertSame([651.0, 651.0], [$sure->finishP50, $sure->finishP90]);
        $this->assertSame(0.0, $sure->shares['drive'], 'the finish never varies');
    }

    public function test_the_same_seed_gives_the_same_answer(): void
    {
        $stretches = [new Stretch('a', 5, 10, 40), new Stretch('b', 5, 10, 40, 620)];
        $this->assertEquals(new Rehearsal(600, $stretches, 300, 9, 0.3), new Rehearsal(600, $stretches, 300, 9, 0.3));
        $this->assertNotEquals((new Rehearsal(600, $stretches, 300, 9))->starts, (new Rehearsal(600, $stretches, 300, 10))->starts);
    }

    public function test_lengths_out_of_order_are_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        new Stretch('a', 10, 5, 20);
    }
}
