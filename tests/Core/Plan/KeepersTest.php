<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Setups\KeepersNeeded;
use NorthSatchel\Wrap\Learnt;
use PHPUnit\Framework\TestCase;

/** How many more throws, and what the logs teach. */
final class KeepersTest extends TestCase
{
    /** The beta-binomial by its definition, as a quotient of rising products of whole numbers and halves. */
    private static function chance(int $m, int $want, float $a, float $b): float
    {
        $rising = static fn (float $x, int $n): float => $n === 0
            ? 1.0
            : array_product(array_map(static fn (int $i): float => $x + $i, range(0, $n - 1)));
        $sum = 0.0;
        for ($k = $want; $k <= $m; $k++) {
            $choose = $k === 0 ? 1.0 : array_product(array_map(static fn (int $i): float => ($m - $k + $i) / $i, range(1, $k)));
            $sum += $choose * $rising($a, $k) * $rising($b, $m - $k) / $rising($a + $b, $m);
        }

        return $sum;
    }

    public function test_the_smallest_number_of_throws_by_definition(): void
    {
        $cases = [[12, 5, 3, 0.9], [0, 0, 1, 0.5], [0, 0, 1, 0.8], [20, 19, 4, 0.95], [8, 1, 2, 0.6], [3, 3, 10, 0.5]];
        foreach ($cases as [$n, $k, $want, $confidence]) {
            $found = KeepersNeeded::of($n, $k, $want, $confidence);
            $this->assertEqualsWithDelta(($k + 0.5) / ($n + 1), $found->rate, 1e-12);
            $m = (int) $found->throws;
            $this->assertGreaterThanOrEqual($confidence - 1e-9, self::chance($m, $want, $k + 0.5, $n - $k + 0.5));
            $this->assertLessThan($confidence, self::chance($m - 1, $want, $k + 0.5, $n - $k + 0.5));
        }
        // Of no throw nothing is known: a half, as likely as not at the first.
        $this->assertSame([0.5, 1], [KeepersNeeded::of(0, 0, 1, 0.5)->rate, KeepersNeeded::of(0, 0, 1, 0.5)->throws]);
    }

    public function test_none_wanted_too_many_wanted_and_far_out(): void
    {
        $this->assertSame(0, KeepersNeeded::of(5, 2, 0, 0.99)->throws);
        $this->assertNull(KeepersNeeded::of(50, 0, 100, 0.99)->throws);
        $this->assertNull(KeepersNeeded::of(5, 2, 10_001, 0.5)->throws);
        // Nearly all of thousands were good: the single chances are far below what a number holds.
        $this->assertEqualsWithDelta(9000, (int) KeepersNeeded::of(100_000, 99_990, 8990, 0.9)->throws, 12);
        $wrong = [
            ['throws', -1, 0, 1, 0.5], ['keepers', 3, 4, 1, 0.5], ['want', 3, 1, -1, 0.5], ['confidence', 3, 1, 1, 1.0],
            ['confidence', 3, 1, 1, 0.0],
        ];
        foreach ($wrong as $bad) {
            try {
                KeepersNeeded::of(...array_slice($bad, 1));
                $this->fail($bad[0]);
            } catch (ImpossibleValue $e) {
                $this->assertSame($bad[0], $e->field);
            }
        }
    }

    public function test_what_is_learnt_goes_from_the_guess_to_the_logs(): void
    {
        $prior = new Learnt(10, 15, 25);
        $this->assertEquals($prior, $prior->from([]), 'no log, no change');
        $three = $prior->from([22, 18, 20]);
        $this->assertEqualsWithDelta((4 * 15 + 3 * 20) / 7, $three->likely, 1e-12);
        $this->assertSame(7.0, $three->weight);
        $this->assertEquals($three, $prior->from([18, 20, 22]), 'their order does not matter');
        $many = range(101, 1100);
        $learnt = $prior->from($many);
        $this->assertEqualsWithDelta(600.5, $learnt->likely, 3.0);
        $this->assertEqualsWithDelta(150.95, $learnt->low, 1.0);
        $this->assertEqualsWithDelta(1050.05, $learnt->high, 5.0);
    }

    public function test_one_wild_value_moves_little_and_a_longer_log_never_shortens(): void
    {
        $prior = new Learnt(10, 15, 25);
        $alike = array_fill(0, 10, 20);
        $wild = [...array_fill(0, 9, 20), 600];
        $this->assertEqualsWithDelta($prior->from($alike)->likely, $prior->from($wild)->likely, 0.1 * $prior->from($alike)->likely);
        mt_srand(4);
        for ($i = 0; $i < 300; $i++) {
            $logs = array_map(static fn (): int => mt_rand(1, 60), range(1, mt_rand(1, 12)));
            $longer = $logs;
            $longer[array_rand($longer)] += mt_rand(1, 40);
            [$one, $other] = [$prior->from($logs), $prior->from($longer)];
            $this->assertGreaterThanOrEqual($one->likely - 1e-12, $other->likely);
            $this->assertLessThanOrEqual($one->likely + 1e-12, $one->low);
            $this->assertLessThanOrEqual($one->high + 1e-12, $one->likely);
        }
        foreach ([static fn () => new Learnt(5, 4, 9), static fn () => new Learnt(5, 6, 5), static fn () => $prior->from([0])] as $bad) {
            try {
                $bad();
                $this->fail('That cannot be.');
            } catch (ImpossibleValue $e) {
                $this->assertContains($e->field, ['prior', 'minutes']);
            }
        }
    }
}
