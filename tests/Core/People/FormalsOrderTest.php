<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\Order\FormalsOrder;
use NorthSatchel\People\Order\Group;
use NorthSatchel\People\Order\HalfwaySearch;
use NorthSatchel\People\Order\HubSearch;
use NorthSatchel\People\Order\OrderProblem;
use NorthSatchel\People\Order\OrderSearch;
use NorthSatchel\People\Order\PairBound;
use NorthSatchel\People\Order\Presence;
use NorthSatchel\People\Order\TreeBound;
use NorthSatchel\Time\Looks;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FormalsOrderTest extends TestCase
{
    /** CSPLib problem 039, the rehearsal problem: nine pieces, five players, least waiting 17. */
    public function test_the_rehearsal_problem(): void
    {
        $minutes = [2, 4, 1, 3, 3, 2, 5, 7, 6];
        $players = ['a' => [1, 2, 4, 6, 7, 9], 'b' => [1, 2, 4, 5, 6, 8], 'c' => [1, 2, 7, 8], 'd' => [1, 5, 6, 9], 'e' => [3, 5, 6, 7, 8]];
        $pieces = [];
        foreach ($minutes as $index => $length) {
            $pieces[] = new Group(
                'piece '.($index + 1),
                $length,
                array_keys(array_filter($players, static fn (array $in): bool => in_array($index + 1, $in, true))),
            );
        }
        $found = FormalsOrder::best(Presence::Called, $pieces);
        $this->assertSame([17, 17, true], [$found->waiting, $found->lowerBound, $found->isOptimal]);
        $this->assertSame(17, self::waiting($pieces, $found->order, Presence::Called, []));
    }

    /**
     * Weighted waiting as the contract words it, worked out person by person.
     *
     * @param  list<Group>  $groups
     * @param  list<string>  $order
     * @param  array<string, int|float>  $weights
     */
    private static function waiting(array $groups, array $order, Presence $presence, array $weights): int|float
    {
        $byId = array_column(array_map(static fn (Group $g): array => [$g->id, $g], $groups), 1, 0);
        $at = $first = $last = $inFrame = [];
        $now = 0;
        foreach ($order as $id) {
            foreach ($byId[$id]->people as $person) {
                $first[$person] ??= $now;
                $last[$person] = $now + $byId[$id]->minutes;
                $inFrame[$person] = ($inFrame[$person] ?? 0) + $byId[$id]->minutes;
            }
            $now += $byId[$id]->minutes;
        }
        $waiting = 0;
        foreach ($last as $person => $end) {
            $waiting += ($weights[$person] ?? 1) * ($end - ($presence === Presence::Called ? $first[$person] : 0) - $inFrame[$person]);
        }

        return $waiting;
    }

    /**
     * @param  list<Group>  $groups
     * @param  list<string>  $order
     * @param  list<array{string, string}>  $apart
     */
    private static function meetings(array $groups, array $order, array $apart): int
    {
        $people = array_column(array_map(static fn (Group $g): array => [$g->id, $g->people], $groups), 1, 0);
        $count = 0;
        for ($i = 1; $i < count($order); $i++) {
            foreach ($apart as [$a, $b]) {
                [$one, $two] = [$people[$order[$i - 1]], $people[$order[$i]]];
                if ((in_array($a, $one, true) && in_array($b, $two, true)) || (in_array($b, $one, true) && in_array($a, $two, true))) {
                    $count++;
                    break;
                }
            }
        }

        return $count;
    }

    /**
     * @param  list<string>  $ids
     * @return \Generator<list<string>>
     */
    private static function orders(array $ids): \Generator
    {
        if ($ids === []) {
            yield [];
        }
        foreach ($ids as $i => $first) {
            $rest = $ids;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /** @return array{list<Group>, array<string, int|float>} */
    private static function random(Randomizer $random, int $groups, int $people, bool $hasHub): array
    {
        $names = array_map(static fn (int $i): string => "p{$i}", range(1, $people));
        $list = [];
        for ($g = 1; $g <= $groups; $g++) {
            $list[] = new Group(
                "g{$g}",
                $random->getInt(1, 8) / 2,
                $g === 1 && $hasHub
                    ? $names
                    : array_values($random->shuffleArray(array_slice($random->shuffleArray($names), 0, $random->getInt(1, 4)))),
            );
        }

        return [$list, ['p1' => 2, 'p2' => 0.5, 'p3' => 3]];
    }

    /** @return array<string, array{Presence, bool, bool, bool}> presence, precedence, pairs, a group of everybody */
    public static function kinds(): array
    {
        $kinds = [];
        foreach (Presence::cases() as $presence) {
            $mixes = [
                [false, false, false],
                [false, false, true],
                [true, false, false],
                [false, true, false],
                [true, true, false],
            ];
            foreach ($mixes as [$before, $pairs, $hub]) {
                $kinds[$presence->value.($before ? ', precedence' : '').($pairs ? ', pairs' : '').($hub ? ', everybody' : '')] = [
                    $presence,
                    $before,
                    $pairs,
                    $hub,
                ];
            }
        }

        return $kinds;
    }

    /** Every order of small lists is tried. */
    #[DataProvider('kinds')]
    public function test_small_lists_against_every_order(Presence $presence, bool $hasPrecedence, bool $hasPairs, bool $hasHub): void
    {
        $random = new Randomizer(new Mt19937(5 + strlen($presence->value)));
        for ($run = 0; $run < 25; $run++) {
            [$groups, $weights] = self::random($random, $random->getInt(3, 6), 7, $hasHub);
            $before = $hasPrecedence ? [['g3', 'g2'], ['g1', 'g3']] : [];
            $apart = $hasPairs ? self::apartIn($groups) : [];
            $best = null;
            foreach (self::orders(array_map(static fn (Group $g): string => $g->id, $groups)) as $order) {
                $at = array_flip($order);
                if (array_filter($before, static fn (array $b): bool => $at[$b[0]] > $at[$b[1]]) === []) {
                    $cost = [self::meetings($groups, $order, $apart), self::waiting($groups, $order, $presence, $weights)];
                    $best = $best === null || $cost < $best ? $cost : $best;
                }
            }
            $found = FormalsOrder::best($presence, $groups, $weights, $before, $apart);
            $this->assertEqualsWithDelta($best, [count($found->nextTo), $found->waiting], 1e-9, "run {$run}");
            $this->assertTrue($found->isOptimal, "run {$run}");
            $this->assertEqualsWithDelta(
                $found->waiting,
                self::waiting($groups, $found->order, $presence, $weights),
                1e-9,
                'what it says of its order is true',
            );
            $this->assertSame(count($found->nextTo), self::meetings($groups, $found->order, $apart));
            if ($presence === Presence::Called && $best[0] === 0) {
                $problem = new OrderProblem($presence, $groups, $weights, $before, $apart);
                [$order, $waiting] = (new HubSearch($problem, new OrderSearch($problem)))->below(1e9, Looks::endless());
                $this->assertNotNull($order);
                $this->assertEqualsWithDelta($best[1], $problem->waiting($order), 1e-9, "both sides of the hub, run {$run}");
                $this->assertTrue($problem->keepsPrecedence($order));
                $this->assertSame(0, $problem->meetings($order));
                self::assertFromBothEnds($problem, $best[1], "from both ends, run {$run}");
            }
        }
    }

    /** From both ends the same is found and proven, whatever is known at first. */
    private static function assertFromBothEnds(OrderProblem $problem, int|float $least, string $why): void
    {
        foreach ([1e6, $least + 0.25] as $known) {
            [$order, $waiting, $bound] = (new HalfwaySearch($problem, new OrderSearch($problem)))->below($known, Looks::endless());
            self::assertEqualsWithDelta([$least, $least], [$waiting, $bound], 1e-9, $why);
            self::assertNotNull($order, $why);
            self::assertCount($problem->count, array_unique($order), $why);
            self::assertEqualsWithDelta($least, $problem->waiting($order), 1e-9, $why);
            self::assertTrue($problem->keepsPrecedence($order) && $problem->meetings($order) === 0, $why);
        }
    }

    /**
     * Two people who are in no group together, where there are such.
     *
     * @param  list<Group>  $groups
     * @return list<array{string, string}>
     */
    private static function apartIn(array $groups): array
    {
        $apart = [];
        foreach (['p1', 'p2', 'p4', 'p6'] as $a) {
            foreach (['p3', 'p5', 'p7'] as $b) {
                if (
                    count($apart) < 2 &&
                    array_filter($groups, static fn (Group $g): bool => in_array($a, $g->people, true) && in_array($b, $g->people, true)) ===
                        []
                ) {
                    $apart[] = [$a, $b];
                }
            }
        }

        return $apart;
    }

    /**
     * A family of nested and disjoint lists with a few that cross.
     *
     * @return list<Group>
     */
    private static function family(int $seed, int $count, int $people): array
    {
        $random = new Randomizer(new Mt19937($seed));
        $all = array_map(static fn (int $i): string => "p{$i}", range(1, $people));
        $sets = [$all];
        for ($at = 0; $at < count($sets) && count($sets) < $count - 2; $at++) {
            $parts = array_chunk($random->shuffleArray($sets[$at]), max(2, intdiv(count($sets[$at]), $random->getInt(2, 3))));
            $sets = [
                ...$sets,
                ...array_filter($parts, static fn (array $part): bool => count($part) > 1 && count($part) < count($sets[$at])),
            ];
        }
        $sets = array_slice($sets, 0, $count - 2);
        while (count($sets) < $count) {
            $sets[] = array_slice($random->shuffleArray($all), 0, 3);
        }

        return array_map(
            static fn (int $i, array $set): Group => new Group("g{$i}", $random->getInt(2, 8) / 2, ['her', 'him', ...$set]),
            array_keys($sets),
            $sets,
        );
    }

    public function test_a_long_family_list_is_proven_or_bounded_truly(): void
    {
        foreach ([[14, 30], [20, 60]] as [$count, $people]) {
            $groups = self::family(7, $count, $people);
            $started = hrtime(true);
            $found = FormalsOrder::best(Presence::Called, $groups, patience: Looks::endless());
            $this->assertTrue($found->isOptimal, "{$count} groups");
            // Given less time it says less, and nothing that is false.
            $hasty = FormalsOrder::best(Presence::Called, $groups, patience: Looks::upTo(40));
            $this->assertLessThanOrEqual($found->waiting, $hasty->lowerBound);
            $this->assertGreaterThanOrEqual($found->waiting, $hasty->waiting);
            $this->assertSame($hasty->isOptimal, $hasty->waiting === $hasty->lowerBound);
        }
        $many = self::family(9, 40, 200);
        $found = FormalsOrder::best(Presence::Gathered, $many, patience: Looks::upTo(2_000));
        $this->assertCount(40, $found->order);
        $this->assertLessThanOrEqual($found->waiting, $found->lowerBound);
    }

    /** Too many groups for every order, so the two programs are held against each other, with pairs, precedence and weights. */
    public function test_both_programs_find_the_same_least_waiting(): void
    {
        for ($seed = 1; $seed <= 8; $seed++) {
            $groups = self::family($seed, 13, 24);
            $weights = ['p3' => 3, 'p8' => 2, 'p11' => 0.5];
            $before = $seed % 2 === 0 ? [['g5', 'g2'], ['g9', 'g4']] : [];
            $apart = $seed % 3 === 0 ? self::apartIn($groups) : [];
            $problem = new OrderProblem(Presence::Called, $groups, $weights, $before, $apart);
            $search = new OrderSearch($problem);
            [$plain, $waiting] = $search->below($problem->all(), 0, null, false, INF, 0, Looks::endless(), PHP_INT_MAX);
            [$order, $cost] = (new HubSearch($problem, $search))->below(1e9, Looks::endless());
            $this->assertSame($plain === null, $order === null, "seed {$seed}");
            if ($plain !== null && $order !== null) {
                $this->assertEqualsWithDelta($waiting, $cost, 1e-6, "seed {$seed}");
                $this->assertEqualsWithDelta($cost, $problem->waiting($order), 1e-6);
                $this->assertTrue($problem->keepsPrecedence($order) && $problem->keepsPrecedence($plain));
                $this->assertSame([0, 0], [$problem->meetings($order), $problem->meetings($plain)]);
                self::assertFromBothEnds($problem, $cost, "from both ends, seed {$seed}");
            }
        }
    }

    /** Where time is up the bound is twice the radius that was gone through: true, and more than nothing. */
    public function test_cut_short_from_both_ends_the_bound_is_true(): void
    {
        $groups = self::random(new Randomizer(new Mt19937(11)), 13, 9, false)[0];
        $problem = new OrderProblem(Presence::Called, $groups, [], [], []);
        $search = new OrderSearch($problem);
        [, $least] = $search->below($problem->all(), 0, null, false, INF, 0, Looks::endless(), PHP_INT_MAX);
        $said = [];
        foreach ([0, 4, 12, 30, 80, 100_000] as $looks) {
            [$order, $waiting, $bound] = (new HalfwaySearch($problem, $search))->below(2 * $least, Looks::upTo($looks));
            $this->assertLessThanOrEqual($least + 1e-9, $bound, "{$looks} looks");
            $this->assertGreaterThanOrEqual($least - 1e-9, $waiting, "{$looks} looks");
            $this->assertSame($order !== null, $waiting < 2 * $least);
            $said[] = $bound;
        }
        $this->assertEqualsWithDelta($least, $said[5], 1e-9, 'and with time enough it is proven');
        $this->assertSame(0, $said[0]);
        // People who stand by from the start do not wait the same told backwards.
        $this->assertSame(
            [null, 99, 0],
            (new HalfwaySearch(new OrderProblem(Presence::Gathered, $groups, [], [], []), $search))->below(99, Looks::endless()),
        );
    }

    /** The bound is held against the true least waiting of what is left, from every set of groups. */
    public function test_the_bound_never_says_too_much(): void
    {
        $groups = self::family(4, 9, 14);
        $problem = new OrderProblem(Presence::Gathered, $groups, ['p2' => 2], [], []);
        $search = new OrderSearch($problem);
        $bound = new PairBound($problem);
        $tight = 0;
        for ($set = 1; $set <= $problem->all(); $set += 3) {
            $open = $search->union($set);
            [, $least] = $search->below($set, -1, null, false, INF, 0, Looks::endless(), PHP_INT_MAX);
            $this->assertLessThanOrEqual($least + 1e-9, $bound->of($open, $set));
            $tight += $bound->of($open, $set) > 0.5 * $least ? 1 : 0;
        }
        $this->assertGreaterThan(60, $tight, 'and it says something');
    }

    /** On one side of the hub the tree's bound never says too much, and where no group crosses another it is exact. */
    public function test_the_bound_of_nested_groups(): void
    {
        foreach ([4 => true, 6 => true, 9 => true, 5 => false] as $seed => $isNested) {
            $groups = array_slice(self::family($seed, $isNested ? 10 : 8, 16), 0, 8);
            $before = $isNested ? [] : [['g4', 'g2'], ['g3', 'g5']];
            $groups = $isNested
                ? $groups
                : [...$groups, new Group('x', 3, [...array_slice($groups[1]->people, 2, 2), ...array_slice($groups[2]->people, 2, 1)])];
            $problem = new OrderProblem(Presence::Gathered, $groups, ['p2' => 2.5, 'p7' => 4], $before, []);
            $search = new OrderSearch($problem);
            $bound = new TreeBound($problem, 0, false);
            $exact = 0;
            for ($set = 2; $set <= $problem->all(); $set += 2) {
                [, $least] = $search->below($set, -1, null, false, INF, 0, Looks::endless(), PHP_INT_MAX);
                $this->assertLessThanOrEqual($least + 1e-9, $bound->of($set), "seed {$seed}, set {$set}");
                $exact += abs($least - $bound->of($set)) < 1e-9 ? 1 : 0;
            }
            $this->assertGreaterThan($isNested ? 3 : 1, count($bound->groups), "seed {$seed}");
            $this->assertSame($isNested, $exact === 2 ** (count($groups) - 1) - 1, "seed {$seed}: {$exact}");
        }
    }

    /** A long family list with a precedence: proven, and the same on every machine, for the core has no clock. */
    public function test_a_long_list_with_precedence_is_proven(): void
    {
        $groups = self::family(6, 22, 60);
        $before = [['g20', 'g3'], ['g3', 'g5'], ['g9', 'g0']];
        $found = FormalsOrder::best(Presence::Called, $groups, before: $before);
        $this->assertTrue($found->isOptimal);
        $at = array_flip($found->order);
        foreach ($before as [$first, $then]) {
            $this->assertLessThan($at[$then], $at[$first]);
        }
        $hasty = FormalsOrder::best(Presence::Called, $groups, before: $before, patience: Looks::upTo(300));
        $this->assertEquals($hasty, FormalsOrder::best(Presence::Called, $groups, before: $before, patience: Looks::upTo(300)));
        $this->assertFalse($hasty->isOptimal);
        $this->assertLessThanOrEqual($found->waiting, $hasty->lowerBound);
    }

    public function test_pairs_that_must_meet_meet_as_seldom_as_can_be(): void
    {
        $groups = [new Group('a', 2, ['x']), new Group('b', 2, ['y']), new Group('c', 2, ['x', 'z'])];
        $found = FormalsOrder::best(Presence::Called, $groups, neverTogether: [['x', 'y']]);
        $this->assertCount(1, $found->nextTo);
        $this->assertSame(0, $found->waiting, 'at an end y meets x once, and nobody waits');
        $spaced = FormalsOrder::best(Presence::Called, [...$groups, new Group('d', 1, ['z'])], neverTogether: [['x', 'y']]);
        $this->assertSame([], $spaced->nextTo, 'a group of others stands between');
    }

    /** @return array<string, array{\Closure, string}> */
    public static function wrong(): array
    {
        $two = [new Group('a', 2, ['x', 'y']), new Group('b', 2, ['y'])];

        return [
            'a pair in one group' => [
                static fn () => FormalsOrder::best(Presence::Called, $two, neverTogether: [['x', 'y']]),
                'never_together',
            ],
            'a circle' => [static fn () => FormalsOrder::best(Presence::Called, $two, before: [['a', 'b'], ['b', 'a']]), 'before'],
            'an unknown group' => [static fn () => FormalsOrder::best(Presence::Called, $two, before: [['a', 'q']]), 'before'],
            'nobody' => [static fn () => new Group('a', 2, []), 'people'],
            'a person twice' => [static fn () => new Group('a', 2, ['x', 'x']), 'people'],
            'no time' => [static fn () => new Group('a', 0, ['x']), 'minutes'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_impossible_lists_are_refused_by_field(\Closure $try, string $field): void
    {
        try {
            $try();
            $this->fail('It was taken.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
        }
    }
}
