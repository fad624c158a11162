<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\Judge\LossRow;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Pack\PackedBag;
use NorthSatchel\Kit\Pack\PackedItem;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestResult;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is said of one, of some, and of more than are named; and the weight and the place at which it is said. */
final class WordsTest extends TestCase
{
    use GearHelp;

    #[TestWith([1000, false])]
    #[TestWith([999, true])]
    public function test_a_bag_is_heavy_above_what_it_may_weigh(int $limit, bool $isHeavy): void
    {
        $codes = self::codes(PackJudge::of([self::bag(1, $limit, [400, 600])], [], []));
        $this->assertSame($isHeavy, in_array('pack.heavy', $codes, true));
    }

    #[TestWith([2, false])]
    #[TestWith([1, true])]
    public function test_a_bag_is_full_above_its_places(int $places, bool $isFull): void
    {
        $found = PackJudge::of([self::bag($places, null, [10, 10])], [], []);
        $full = array_values(array_filter($found, static fn (Verdict $v): bool => $v->code === 'pack.full'));
        $this->assertSame($isFull, $full !== []);
        $this->assertSame($isFull ? 'Bag has 1 thing too many.' : null, $full[0]->finding ?? null);
    }

    #[TestWith([0, 0])]
    #[TestWith([1, 1])]
    #[TestWith([6, 1])]
    #[TestWith([7, 2])]
    public function test_six_small_things_share_a_place(int $small, int $places): void
    {
        $items = array_map(
            static fn (int $i): PackedItem => new PackedItem($i, "C{$i}", 'card', 5, true, true),
            $small === 0 ? [] : range(1, $small),
        );
        $this->assertSame($places, (new PackedBag(1, 'Bag', 'bag', 9, null, $items))->placesTaken());
    }

    #[TestWith([40, '0.0 kg'])]
    #[TestWith([1000, '1.0 kg'])]
    #[TestWith([12_340, '12.3 kg'])]
    public function test_grams_in_words(int $grams, string $words): void
    {
        $this->assertSame($words, PackJudge::kg($grams));
    }

    public function test_three_of_what_breaks_are_named(): void
    {
        $row = static fn (int $n): string => (new LossRow([self::body(1, 'A')], array_map(self::need(...), range(1, $n)), []))->says();
        $this->assertSame('Need 1; Need 2; Need 3', $row(3));
        $this->assertSame('Need 1; Need 2; Need 3 and 1 more', $row(4));
        $this->assertSame('Need 1; Need 2; Need 3 and 3 more', $row(6));
        $two = new LossRow([self::body(1, 'A'), self::body(2, 'B')], [self::need(1)], []);
        $this->assertSame('any of A, B', $two->name());
        $this->assertTrue($two->breaksAMust());
    }

    public function test_tests_that_are_late_open_failed_and_passed(): void
    {
        $flashes = static fn (int $n): array => array_map(static fn (int $i) => self::gear($i, "F{$i}", GearKind::Flash), range(1, $n));
        $told = static fn (int $n, string $today, array $last = []): array => TestDays::verdicts(
            TestDays::of($flashes($n), $last, '2027-05-31', $today),
        );
        $this->assertSame('Another takes 3 days to come, and should be there the day before.', $told(1, '2027-05-01')[0]->because);
        $this->assertStringEndsWith(' 1 more can wait a little.', $told(2, '2027-05-01')[0]->because);
        $this->assertSame('F1 is untested, and it is too late to order another.', $told(1, '2027-05-30')[0]->finding);
        $this->assertSame('4 things are untested, and it is too late to order others.', $told(4, '2027-05-30')[0]->finding);
        $this->assertStringStartsWith('F1, F2, F3, F4: ', $told(4, '2027-05-30')[0]->because);
        $this->assertStringStartsWith('F1, F2, F3, F4 and 1 more: ', $told(5, '2027-05-30')[0]->because);
        $passed = $told(1, '2027-05-30', [1 => new TestResult('2027-05-20', true)]);
        $this->assertSame(['kit.tested'], self::codes($passed));
        $failed = $told(1, '2027-05-20', [1 => new TestResult('2027-05-20', false, 'It does not fire')]);
        $this->assertSame(['kit.test-failed'], self::codes($failed));
        $this->assertStringStartsWith('It does not fire. ', $failed[0]->because);
        $this->assertSame([], TestDays::verdicts([]), 'where nothing was looked at nothing is tested');
    }

    private static function need(int $number): Need
    {
        return new Need("n{$number}", NeedWhat::Body, 1, Priority::Must, false, "Need {$number}", '', []);
    }

    /** @param  list<int>  $grams */
    private static function bag(int $places, ?int $limit, array $grams): PackedBag
    {
        $items = array_map(
            static fn (int $i): PackedItem => new PackedItem($i, "T{$i}", 'lens', $grams[$i], false, true),
            array_keys($grams),
        );

        return new PackedBag(1, 'Bag', 'bag', $places, $limit, $items);
    }

    /**
     * @param  iterable<Verdict>  $verdicts
     * @return list<string>
     */
    private static function codes(iterable $verdicts): array
    {
        $codes = [];
        foreach ($verdicts as $verdict) {
            $codes[] = $verdict->code;
        }

        return $codes;
    }
}
