<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\LaneBodies;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Kit\Test\TestResult;
use NorthSatchel\Kit\Test\TestState;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The last value at which one thing is said, and the first at which another is. */
final class EdgesTest extends TestCase
{
    use GearHelp;

    #[TestWith([0, 0])]
    #[TestWith([1, 1])]
    #[TestWith([100, 1])]
    #[TestWith([101, 2])]
    public function test_frames_that_just_fill_a_pair_need_no_second(int $frames, int $sets): void
    {
        $this->assertSame($sets, CardBudget::of($frames, 30.0, 10.0, SaveMode::Mirror, [4.0, 8.0], 0.0)->cardSets);
    }

    public function test_where_raw_and_jpeg_part_the_fuller_card_decides(): void
    {
        $this->assertSame(100, CardBudget::of(1, 40.0, 10.0, SaveMode::Split, [4.0, 8.0], 0.0)->framesPerSet);
        $this->assertSame(400, CardBudget::of(1, 10.0, 20.0, SaveMode::Split, [4.0, 8.0], 0.0)->framesPerSet);
        $this->assertSame(400, CardBudget::of(1, 10.0, 0.0, SaveMode::Split, [4.0, 8.0], 0.0)->framesPerSet);
        $this->assertSame(800, CardBudget::of(1, 0.0, 10.0, SaveMode::Split, [4.0, 8.0], 0.0)->framesPerSet);
        $this->assertSame(300, CardBudget::of(1, 30.0, 10.0, SaveMode::Overflow, [4.0, 8.0], 0.0)->framesPerSet);
        $this->assertNull(CardBudget::of(1, 5000.0, 0.0, SaveMode::Mirror, [4.0, 8.0], 0.0)->cardSets, 'no frame fits');
    }

    #[TestWith([24, 2.8, true])]
    #[TestWith([70, 2.8, true])]
    #[TestWith([23, 2.8, false])]
    #[TestWith([71, 2.8, false])]
    #[TestWith([50, 2.7, false])]
    #[TestWith([50, 4.0, true])]
    public function test_a_lens_gives_what_lies_within_its_ends(int $focal, float $stop, bool $isGiven): void
    {
        $this->assertSame($isGiven, self::reach($focal, $stop)->isGivenBy(self::lens(1, 'Zoom', 24, 70, 2.8)));
    }

    public function test_two_focal_lengths_are_met_by_either(): void
    {
        $need = new Need('r', NeedWhat::Reach, 2, Priority::Must, false, 'r', '', [], ['focal_mm' => 200.0, 'other_mm' => 35.0]);
        $this->assertTrue($need->isGivenBy(self::lens(1, 'Zoom', 24, 70, 2.8)));
        $this->assertTrue($need->isGivenBy(self::lens(1, 'Tele', 200, 200, 2.8)));
        $this->assertFalse($need->isGivenBy(self::lens(1, 'Portrait', 85, 135, 2.8)));
    }

    public function test_bodies_are_dealt_one_to_each_and_then_a_second(): void
    {
        $bodies = [self::body(1, 'A'), self::body(2, 'B'), self::body(3, 'C')];
        $dealt = static fn (int $have, array $wanted): array => array_map(
            static fn ($w): string => "{$w->body->label} {$w->frames}",
            DealtBodies::dealt(LaneBodies::of(array_slice($bodies, 0, $have), $wanted), ['lead' => 301, 'second' => 100], [])->shared,
        );
        $this->assertSame(['A 301'], $dealt(1, ['lead' => 2, 'second' => 1]), 'one body: the first has it');
        $this->assertSame(['A 301', 'B 100'], $dealt(2, ['lead' => 2, 'second' => 1]));
        $this->assertSame(['A 151', 'B 151', 'C 100'], $dealt(3, ['lead' => 2, 'second' => 1]), 'the others have the last of the shelf');
        $this->assertSame(['A 151', 'B 151', 'C 100'], $dealt(3, ['lead' => 1, 'second' => 1]), 'the spare has cards of its own');
        $this->assertSame(['A 301', 'B 50', 'C 50'], $dealt(3, ['second' => 2, 'lead' => 1]), 'the second may want two');
        $this->assertSame(['A 50', 'B 50'], $dealt(2, ['second' => 1]), 'where there is no lead, all are theirs');
        $this->assertSame([], $dealt(3, []), 'nobody shoots');
    }

    public function test_the_list_of_the_night_names_six_cards_and_five_things(): void
    {
        $cards = static fn (int $n): array => array_map(static fn (int $i): string => "C{$i}", range(1, $n));
        $line = static fn (CardsSeen $seen): string => self::cardLine($seen)->why;
        $seen = static fn (int $n): CardsSeen => new CardsSeen(empty: 0, unseen: 0, holding: $cards($n));
        $this->assertStringStartsWith('Format none', $line($seen(1)), 'one is named in the line itself');
        $this->assertStringContainsString('C1, C2, C3, C4, C5, C6.', $line($seen(6)));
        $this->assertStringContainsString('C6 and 1 more.', $line($seen(7)));
        $packed = static fn (int $n): string => NightList::of([], ['A'], new CardsSeen(0, 0, []), [], $cards($n), 9, [])->door[0]->why;
        $this->assertSame('C1, C2, C3, C4, C5.', $packed(5));
        $this->assertSame('C1, C2, C3, C4, C5 and 1 more.', $packed(6));
        $cells = NightList::of(['NP' => 1, 'LP' => 2], ['A'], new CardsSeen(0, 0, []), [], [], 9, [])->night;
        $this->assertSame(['Charge 1 cell of type NP', 'Charge 2 cells of type LP'], [$cells[0]->what, $cells[1]->what]);
    }

    /** Lead times of the trade: common practice, no source. */
    #[TestWith(['body', '2027-05-26'])]
    #[TestWith(['lens', '2027-05-26'])]
    #[TestWith(['flash', '2027-05-27'])]
    #[TestWith(['trigger', '2027-05-25'])]
    #[TestWith(['reader', '2027-05-28'])]
    #[TestWith(['cable', '2027-05-28'])]
    #[TestWith(['charger', '2027-05-27'])]
    #[TestWith(['computer', '2027-05-26'])]
    public function test_what_takes_days_to_come_is_tried_by_then(string $kind, string $latest): void
    {
        $gear = self::gear(1, 'X', GearKind::from($kind));
        $states = array_map(
            static fn (string $today): string => TestDays::of([$gear], [], '2027-05-31', $today)[0]->state->value,
            [$latest, (new \DateTimeImmutable($latest))->modify('+1 day')->format('Y-m-d')],
        );
        $this->assertSame($latest, TestDays::of([$gear], [], '2027-05-31', '2027-05-01')[0]->latestOn);
        $this->assertSame([TestState::Open->value, TestState::TooLate->value], $states);
    }

    #[TestWith(['2027-05-01', TestState::Passed])]
    #[TestWith(['2027-04-30', TestState::TooLate])]
    public function test_a_test_says_something_for_thirty_days(string $on, TestState $state): void
    {
        $gear = self::gear(1, 'F', GearKind::Flash);
        $due = TestDays::of([$gear], [1 => new TestResult($on, true, '')], '2027-05-31', '2027-05-30')[0];
        $this->assertSame($state, $due->state);
    }

    private static function cardLine(CardsSeen $seen): \NorthSatchel\Kit\Pack\ListLine
    {
        foreach (NightList::of([], ['A'], $seen, [], [], 9, [])->night as $line) {
            if ($line->code === 'cards') {
                return $line;
            }
        }
        throw new \LogicException('Cards are always on the list.');
    }

    private static function reach(int $focal, float $stop): Need
    {
        return new Need('r', NeedWhat::Reach, 1, Priority::Must, false, 'r', '', [], ['focal_mm' => (float) $focal, 'f_number' => $stop]);
    }
}
