<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\Order\LeastWalking;
use NorthSatchel\People\Order\WalkingOrder;
use NorthSatchel\Time\Looks;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The fewest people who walk in and out, against every order of small lists and a dynamic program (Held and Karp, 1962) of longer ones. */
final class LeastWalkingTest extends TestCase
{
    /**
     * @param  list<list<string>>  $groups
     * @param  list<array{string, string}>  $apart
     * @return array{int, int} meetings, and people who walk between the two
     */
    private static function change(array $groups, int $from, int $to, array $apart): array
    {
        [$one, $other] = [$groups[$from], $groups[$to]];
        $meets = array_filter(
            $apart,
            static fn (array $p): bool => (in_array($p[0], $one, true) && in_array($p[1], $other, true)) ||
                (in_array($p[1], $one, true) && in_array($p[0], $other, true)),
        );

        return [$meets === [] ? 0 : 1, count(array_diff($one, $other)) + count(array_diff($other, $one))];
    }

    /**
     * The dynamic program over sets of groups done and the last one.
     *
     * @param  list<list<string>>  $groups
     * @param  list<array{int, int}>  $before
     * @param  list<array{string, string}>  $apart
     * @return array{int, int} meetings, walks
     */
    private static function program(array $groups, array $before, array $apart): array
    {
        $n = count($groups);
        $best = [];
        for ($done = 1; $done < 1 << $n; $done++) {
            for ($last = 0; $last < $n; $last++) {
                $isLate = array_filter($before, static fn (array $b): bool => $b[1] === $last && (($done >> $b[0]) & 1) === 0) !== [];
                if ((($done >> $last) & 1) === 0 || $isLate) {
                    continue;
                }
                $less = $done & ~(1 << $last);
                $least = $less === 0 ? [0, 0] : null;
                foreach ($best[$less] ?? [] as $earlier => [$meetings, $walks]) {
                    [$meets, $more] = self::change($groups, $earlier, $last, $apart);
                    $now = [$meetings + $meets, $walks + $more];
                    $least = $least === null || $now < $least ? $now : $least;
                }
                if ($least !== null) {
                    $best[$done][$last] = $least;
                }
            }
        }

        return min($best[(1 << $n) - 1]);
    }

    public function test_against_a_dynamic_program(): void
    {
        $random = new Randomizer(new Mt19937(31));
        $names = ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h'];
        for ($run = 0; $run < 60; $run++) {
            $groups = [];
            for ($g = $random->getInt(1, 9); $g > 0; $g--) {
                $groups[] = array_slice($random->shuffleArray($names), 0, $random->getInt(1, 5));
            }
            $before = $run % 3 === 1 && count($groups) > 3 ? [[2, 0], [3, 1], [0, 1]] : [];
            $apart = $run % 2 === 0 ? [['a', 'b'], ['c', 'd']] : [];
            $found = (new LeastWalking($groups, $before, $apart))->best(Looks::endless());
            $this->assertTrue($found->isOptimal, "run {$run}");
            $at = array_flip($found->order);
            $this->assertCount(count($groups), $at, "run {$run}");
            foreach ($before as [$first, $then]) {
                $this->assertLessThan($at[$then], $at[$first], "run {$run}");
            }
            $sum = [0, 0];
            for ($i = 1; $i < count($groups); $i++) {
                $change = self::change($groups, $found->order[$i - 1], $found->order[$i], $apart);
                $sum = [$sum[0] + $change[0], $sum[1] + $change[1]];
            }
            $this->assertSame(self::program($groups, $before, $apart), $sum, "run {$run}");
            $this->assertSame([$sum[1], $sum[1]], [$found->walks, $found->lowerBound], "run {$run}");
        }
    }

    public function test_nobody_one_group_and_no_time(): void
    {
        $this->assertEquals(
            new WalkingOrder([], 0, 0, true),
            (new LeastWalking([]))->best(Looks::endless()),
        );
        $this->assertEquals(
            new WalkingOrder([0], 0, 0, true),
            (new LeastWalking([['a']]))->best(Looks::endless()),
        );
        $random = new Randomizer(new Mt19937(3));
        $names = array_map(static fn (int $i): string => "p{$i}", range(1, 30));
        $groups = array_map(
            static fn (int $g): array => array_slice($random->shuffleArray($names), 0, $random->getInt(5, 15)),
            range(1, 30),
        );
        $hasty = (new LeastWalking($groups))->best(Looks::upTo(0));
        $this->assertFalse($hasty->isOptimal);
        $this->assertCount(30, array_unique($hasty->order));
        $this->assertGreaterThan(0.8 * $hasty->walks, $hasty->lowerBound, 'the bound says something before the search begins');
        $this->assertLessThanOrEqual($hasty->walks, $hasty->lowerBound);
    }
}
