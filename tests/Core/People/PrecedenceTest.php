<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\Pace;
use NorthSatchel\People\Precedence;
use NorthSatchel\People\School;
use NorthSatchel\People\StandTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** A group after another, and people who are there for the ceremony only. */
final class PrecedenceTest extends TestCase
{
    private static function family(string $aunt = 'aunt of Ann'): Family
    {
        $lines = ['Ann' => 'bride', 'Bo' => 'groom', 'Cia' => 'mother of Ann', 'Dag' => 'father of Bo', 'Eja' => $aunt];

        return new Family(
            FamilyText::read(array_map(static fn (string $name): FamilyLine => new FamilyLine(name: $name, text: $lines[$name]), array_keys($lines))),
        );
    }

    /** @return list<FamilyGroup> */
    private static function callings(?string $cia = null, ?string $dag = null): array
    {
        return [
            new FamilyGroup('Cia', ['Ann', 'Bo', 'Cia'], Priority::Must, $cia),
            new FamilyGroup('Dag', ['Ann', 'Bo', 'Dag'], Priority::Must, $dag),
            new FamilyGroup('Eja', ['Ann', 'Eja'], Priority::Nice),
            new FamilyGroup('All', ['Ann', 'Bo', 'Cia', 'Dag', 'Eja'], Priority::Should),
        ];
    }

    /**
     * @param  list<FamilyGroup>  $groups
     * @return list<string>
     */
    private static function titles(array $groups): array
    {
        return array_column($groups, 'title');
    }

    public function test_every_order_keeps_what_was_said(): void
    {
        foreach (School::cases() as $school) {
            foreach ([['Dag', null], [null, 'Cia'], [null, 'All']] as [$cia, $dag]) {
                $order = self::titles(CallOrders::by($school, self::callings($cia, $dag), self::family(), false));
                $this->assertCount(4, array_unique($order));
                [$first, $then] = $cia === null ? [$dag, 'Dag'] : [$cia, 'Cia'];
                $this->assertLessThan(
                    array_search($then, $order, true),
                    array_search($first, $order, true),
                    "{$school->value}: {$first} before {$then}",
                );
            }
        }
    }

    /** All 24 orders, by hand: the least waiting among those that keep the rule. */
    public function test_the_least_waiting_is_the_least_of_the_orders_allowed(): void
    {
        $groups = self::callings(null, 'Cia');
        $solved = CallOrders::leastWaiting($groups, self::family(), false);
        $best = INF;
        foreach (self::orders([0, 1, 2, 3]) as $order) {
            if (array_search(0, $order, true) < array_search(1, $order, true)) {
                $best = min($best, self::waiting(array_map(static fn (int $g): FamilyGroup => $groups[$g], $order)));
            }
        }
        $this->assertEqualsWithDelta($best, $solved->waiting, 1e-6);
        $this->assertLessThan(array_search('1', $solved->order, true), array_search('0', $solved->order, true));
    }

    /**
     * Minutes from the first to the last group of each person, less those in frame; all weigh 1.
     *
     * @param  list<FamilyGroup>  $order
     */
    private static function waiting(array $order): float
    {
        $waiting = 0.0;
        foreach (['Ann', 'Bo', 'Cia', 'Dag', 'Eja'] as $name) {
            $in = array_keys(array_filter($order, static fn (FamilyGroup $g): bool => in_array($name, $g->people, true)));
            for ($i = min($in); $i <= max($in); $i++) {
                $waiting += in_array($i, $in, true) ? 0 : Pace::minutes(count($order[$i]->people)) + 0.7;
            }
        }

        return $waiting;
    }

    /**
     * @param  list<int>  $left
     * @return list<list<int>>
     */
    private static function orders(array $left): array
    {
        if ($left === []) {
            return [[]];
        }
        $all = [];
        foreach ($left as $one) {
            foreach (self::orders(array_values(array_diff($left, [$one]))) as $rest) {
                $all[] = [$one, ...$rest];
            }
        }

        return $all;
    }

    public function test_who_is_there_for_the_ceremony_only_is_called_first(): void
    {
        $family = self::family('aunt of Ann, ceremony only');
        $this->assertTrue($family->person('Eja')->isForCeremonyOnly ?? false);
        foreach (School::cases() as $school) {
            $order = self::titles(CallOrders::by($school, self::callings(), $family, false));
            sort($order);
            $first = array_slice(self::titles(CallOrders::by($school, self::callings(), $family, false)), 0, 2);
            sort($first);
            $this->assertSame(['All', 'Eja'], $first, $school->value);
        }
        // What was said counts for more.
        $groups = self::callings();
        $groups[2] = new FamilyGroup('Eja', ['Ann', 'Eja'], Priority::Nice, 'Dag');
        $order = self::titles(CallOrders::by(School::LeastWaiting, $groups, $family, false));
        $this->assertLessThan(array_search('Eja', $order, true), array_search('Dag', $order, true));
    }

    public function test_a_circle_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        new Precedence(self::callings('Dag', 'Cia'), self::family());
    }

    public function test_the_judge_says_what_stands_wrongly(): void
    {
        $found = static function (Family $family, array $groups): array {
            $codes = [];
            foreach (
                FormalsJudge::of(
                    $family,
                    new StandTime($groups, $family, false),
                    null,
                    null,
                    LocalDay::of('2027-06-05', 'Europe/Stockholm'),
                ) as $verdict
            ) {
                assert($verdict instanceof Verdict);
                $codes[] = $verdict->code;
            }

            return $codes;
        };
        $this->assertNotContains('people.precedence', $found(self::family(), self::callings(null, 'Cia')));
        $this->assertContains('people.precedence', $found(self::family(), self::callings('Dag')));
        $this->assertContains('people.ceremony-only', $found(self::family('aunt of Ann, ceremony only'), self::callings()));
        $this->assertNotContains(
            'people.ceremony-only',
            $found(self::family('aunt of Ann, ceremony only'), array_reverse(self::callings())),
        );
    }
}
