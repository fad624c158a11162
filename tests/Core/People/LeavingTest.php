<?php

declare(strict_types=1);

namespace Tests\Core\People;

use NorthSatchel\People\CallOrders;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsSegment;
use NorthSatchel\People\FormalsTiming;
use NorthSatchel\People\Leaving;
use NorthSatchel\People\School;
use NorthSatchel\People\StandTime;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Who leaves early is called early, and times after midnight are later. */
final class LeavingTest extends TestCase
{
    private static function family(string $leaves): Family
    {
        return new Family(
            FamilyText::read([
                new FamilyLine('Ada', 'bride'), new FamilyLine('Bo', 'groom'), new FamilyLine('Cy', "uncle of Ada, leaves {$leaves}"),
                new FamilyLine('Di', 'mother of Ada'), new FamilyLine('Ed', 'father of Bo'),
            ]),
        );
    }

    /** @return list<FamilyGroup> Cy is in the last */
    private static function listed(): array
    {
        $must = Priority::Must;

        return [
            new FamilyGroup('Hers', ['Ada', 'Bo', 'Di'], $must), new FamilyGroup('His', ['Ada', 'Bo', 'Ed'], $must),
            new FamilyGroup('Wide', ['Ada', 'Bo', 'Cy'], $must),
        ];
    }

    private static function segment(string $clock): FormalsSegment
    {
        return new FormalsSegment(1, 'Groups', self::day()->instantOf(ClockTime::of($clock)), 60, false);
    }

    private static function day(): LocalDay
    {
        return LocalDay::of('2027-06-05', 'Europe/Stockholm');
    }

    private static function leaves(string $leaves, string $clock): ?Verdict
    {
        $family = self::family($leaves);
        foreach (FormalsJudge::of($family, new StandTime(self::listed(), $family, false), null, self::segment($clock), self::day()) as $verdict) {
            if ($verdict->code === 'people.leaves') {
                return $verdict;
            }
        }

        return null;
    }

    #[TestWith(['15:03', '15:00', true, true])]
    #[TestWith(['15:30', '15:00', false, false])]
    #[TestWith(['23:59', '23:55', true, false])]
    #[TestWith(['00:30', '23:55', false, false])]
    #[TestWith(['25:00', '23:55', false, false])]
    #[TestWith(['00:01', '23:57', true, true])]
    public function test_a_time_is_a_time_across_midnight(string $leaves, string $clock, bool $isFound, bool $hasRemedy): void
    {
        $found = self::leaves($leaves, $clock);
        $this->assertSame($isFound, $found !== null);
        if ($found !== null && $leaves !== '23:59') {
            $this->assertSame($hasRemedy, $found->remedy !== null, $found->because);
        }
    }

    public function test_the_computed_orders_are_bound_by_who_leaves(): void
    {
        $family = self::family('15:05');
        $stand = new StandTime(self::listed(), $family, false);
        $early = Leaving::early($family, self::segment('15:00'), self::day(), $stand->totalMinutes);
        $this->assertSame(['Cy'], $early);
        $this->assertSame([], Leaving::early(self::family('18:00'), self::segment('15:00'), self::day(), $stand->totalMinutes));
        foreach (School::cases() as $school) {
            $order = CallOrders::by($school, self::listed(), $family->hurrying($early), false);
            $this->assertSame('Wide', $order[0]->title, $school->value);
        }
        $this->assertSame('Hers', CallOrders::by(School::AsListed, self::listed(), $family, false)[0]->title);
    }

    public function test_nobody_is_told_to_call_first_whom_that_does_not_help(): void
    {
        $found = self::leaves('15:00', '15:00');
        $this->assertNotNull($found);
        $this->assertNull($found->remedy);
        $this->assertStringContainsString('before the ceremony', $found->because);
    }

    public function test_the_minutes_are_the_same_in_the_table_and_the_chart(): void
    {
        foreach ([false, true] as $isGathered) {
            $family = self::family('18:00');
            $this->assertSame(
                (int) ceil((new StandTime(self::listed(), $family, $isGathered))->totalMinutes),
                FormalsTiming::of(self::listed(), $family, 0, null, $isGathered)[0]->after,
            );
        }
    }
}
