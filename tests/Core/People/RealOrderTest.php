<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\Order\RealCost;
use NorthSatchel\People\Order\RealOrder;
use NorthSatchel\People\Precedence;
use NorthSatchel\People\School;
use NorthSatchel\People\StandTime;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** The least waiting with the real change-overs, against every order there is. */
final class RealOrderTest extends TestCase
{
    private static function family(string $egil = 'uncle of Ann, apart from Fia'): Family
    {
        $lines = [
            'Ann' => 'bride', 'Bo' => 'groom', 'Cia' => 'mother of Ann, elderly', 'Dag' => 'father of Bo', 'Egil' => $egil,
            'Fia' => 'aunt of Bo', 'Gro' => 'sister of Ann, infant',
        ];

        return new Family(
            FamilyText::read(array_map(static fn (string $name): FamilyLine => new FamilyLine(name: $name, text: $lines[$name]), array_keys($lines))),
        );
    }

    /** @return list<FamilyGroup> */
    private static function someGroups(Randomizer $random, int $count): array
    {
        $names = ['Ann', 'Bo', 'Cia', 'Dag', 'Egil', 'Fia', 'Gro'];
        $groups = [];
        for ($i = 0; $i < $count; $i++) {
            $people = array_values($random->shuffleArray($names));
            $after = $i > 0 && $random->getInt(0, 3) === 0 ? 'Group '.$random->getInt(0, $i - 1) : null;
            $groups[] = new FamilyGroup("Group {$i}", array_slice($people, 0, $random->getInt(2, 5)), Priority::Must, $after);
        }

        return $groups;
    }

    /** Against StandTime, which tells where everybody is when. */
    public function test_what_an_order_costs_is_what_its_times_come_to(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $family = self::family();
        for ($i = 0; $i < 60; $i++) {
            $groups = self::someGroups($random, $random->getInt(1, 9));
            $order = array_values($random->shuffleArray(array_keys($groups)));
            $stood = array_map(static fn (int $at): FamilyGroup => $groups[$at], $order);
            foreach ([true, false] as $isGathered) {
                $cost = new RealCost($groups, $family, $isGathered);
                $this->assertEqualsWithDelta((new StandTime($stood, $family, $isGathered))->waiting, $cost->waiting($order), 1e-6);
            }
            $met = 0;
            for ($at = 1; $at < count($stood); $at++) {
                $both = static fn (string $one, string $other): bool => in_array($one, $stood[$at - 1]->people, true)
                    && in_array($other, $stood[$at]->people, true);
                $met += $both('Egil', 'Fia') || $both('Fia', 'Egil') ? 1 : 0;
            }
            $this->assertSame($met, $cost->meetings($order));
        }
    }

    /**
     * @param  list<FamilyGroup>  $left
     * @param  list<FamilyGroup>  $taken
     * @return \Generator<list<FamilyGroup>>
     */
    private static function orders(array $left, array $taken = []): \Generator
    {
        if ($left === []) {
            yield $taken;
        }
        foreach ($left as $i => $one) {
            $rest = $left;
            unset($rest[$i]);
            yield from self::orders(array_values($rest), [...$taken, $one]);
        }
    }

    /**
     * @param  list<FamilyGroup>  $order
     * @return array{int, float} how often those kept apart follow each other, and the waiting as the page counts it
     */
    private static function cost(array $order, Family $family, bool $isGathered): array
    {
        $meetings = 0;
        for ($i = 1; $i < count($order); $i++) {
            $meets = static fn (FamilyGroup $a, FamilyGroup $b): bool => in_array('Egil', $a->people, true) && in_array('Fia', $b->people, true);
            $meetings += $meets($order[$i - 1], $order[$i]) || $meets($order[$i], $order[$i - 1]) ? 1 : 0;
        }

        return [$meetings, (new StandTime($order, $family, $isGathered))->waiting];
    }

    public function test_no_order_of_all_waits_less(): void
    {
        $random = new Randomizer(new Mt19937(11));
        $family = self::family();
        for ($round = 0; $round < 40; $round++) {
            $groups = self::someGroups($random, 1 + $round % 6);
            $isGathered = $round % 2 === 0;
            $rule = new Precedence($groups, $family);
            $order = RealOrder::best($groups, $family, $isGathered, $rule);
            $this->assertNotNull($order);
            $found = array_map(static fn (int $i): FamilyGroup => $groups[$i], $order);
            $this->assertTrue($rule->isKeptBy($found));
            $costs = [];
            foreach (self::orders($groups) as $all) {
                $costs[] = $rule->isKeptBy($all) ? self::cost($all, $family, $isGathered) : [PHP_INT_MAX, 0.0];
            }
            [$least, $now] = [min($costs), self::cost($found, $family, $isGathered)];
            $this->assertSame($least[0], $now[0], "round {$round}");
            $this->assertEqualsWithDelta($least[1], $now[1], 0.051, "round {$round}");
        }
    }

    public function test_the_first_may_have_to_wait_for_others(): void
    {
        $group = static fn (string $title, string $after, string ...$people): FamilyGroup => new FamilyGroup(
            $title, array_values($people), Priority::Must, $after === '' ? null : $after,
        );
        $groups = [$group('A', 'C', 'Ann', 'Bo'), $group('B', 'A', 'Ann', 'Cia'), $group('C', '', 'Bo', 'Dag')];
        $family = self::family();
        $this->assertSame([2, 0, 1], RealOrder::best($groups, $family, true, new Precedence($groups, $family)));
    }

    public function test_the_sentence_tells_the_figure_of_the_table(): void
    {
        $groups = self::someGroups(new Randomizer(new Mt19937(3)), 7);
        $solved = CallOrders::solved(School::LeastWaiting, $groups, self::family(), true);
        $table = (new StandTime($solved->order, self::family(), true))->waiting;
        $this->assertSame([true, $table, $table], [$solved->isReal, $solved->cost, $solved->lowerBound]);
        $this->assertStringContainsString("waits less than {$table} person-min", (string) $solved->proof(School::LeastWaiting));
    }

    public function test_many_groups_are_searched_otherwise(): void
    {
        $groups = self::someGroups(new Randomizer(new Mt19937(5)), RealOrder::MOST + 1);
        $this->assertNull(RealOrder::best($groups, self::family(), true, new Precedence($groups, self::family())));
        $this->assertNull(RealOrder::best([], self::family(), true, new Precedence([], self::family())));
        $this->assertFalse(CallOrders::solved(School::LeastWaiting, $groups, self::family(), true)->isReal);
        $fewer = array_slice($groups, 1);
        $this->assertCount(RealOrder::MOST, RealOrder::best($fewer, self::family(), false, new Precedence($fewer, self::family())) ?? []);
    }
}
