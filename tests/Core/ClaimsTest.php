<?php

declare(strict_types=1);

namespace Tests\Core;

use NorthSatchel\Brief\BriefFacts;
use NorthSatchel\Brief\BriefJudge;
use NorthSatchel\Cards\Check\BumpCheck;
use NorthSatchel\Cards\Check\ExposedFrame;
use NorthSatchel\Cards\Check\SettingsSheet;
use NorthSatchel\Copies\Audit\AuditJudge;
use NorthSatchel\Copies\Audit\AuditRule;
use NorthSatchel\Copies\Audit\CopyAudit;
use NorthSatchel\Copies\Audit\Enough;
use NorthSatchel\Kit\Judge\BudgetJudge;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\Judge\TicksJudge;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Pack\CardsSeen;
use NorthSatchel\Kit\Pack\LeaveCheck;
use NorthSatchel\Kit\Pack\LightMarks;
use NorthSatchel\Kit\Pack\ListLine;
use NorthSatchel\Kit\Pack\NightList;
use NorthSatchel\Kit\Pack\PackJudge;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Test\TestDays;
use NorthSatchel\Looked;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\FormalsJudge;
use NorthSatchel\People\FormalsSegment;
use NorthSatchel\People\GroupSetup;
use NorthSatchel\People\StandLens;
use NorthSatchel\People\StandTime;
use NorthSatchel\People\Team;
use NorthSatchel\People\TeamSchedule;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Severity;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;

/** Of nothing, nothing is called in order: every sentence that ends a worry, over an empty list. */
final class ClaimsTest extends TestCase
{
    /** @param  iterable<Verdict>  $verdicts */
    private function assertNothingFine(iterable $verdicts, string $why = ''): void
    {
        foreach ($verdicts as $verdict) {
            $this->assertNotSame(Severity::Fine, $verdict->severity, trim("{$why} {$verdict->finding}"));
        }
        $this->addToAssertionCount(1);
    }

    /** @param  array<string, float|string|bool>  $specs */
    private static function gear(int $id, GearKind $kind, array $specs): Gear
    {
        return new Gear($id, "G{$id}", $kind, $specs);
    }

    public function test_what_was_looked_at_is_never_nothing(): void
    {
        $this->assertNull(Looked::at(0, 'card'));
        $this->assertSame(['1 card', '2 cards', '2 people'], [
            Looked::at(1, 'card')?->words,
            Looked::at(2, 'card')?->words,
            Looked::at(2, 'person', 'people')?->words,
        ]);
        $fine = Verdict::fine('x', 'y', 'z', Looked::one('the card'));
        $this->assertSame('the card', $fine->headed('Day 1: ')->looked?->words);
    }

    public function test_empty_bags_lists_and_logs(): void
    {
        $this->assertNothingFine([TicksJudge::of([], 0, 1)]);
        $this->assertNothingFine(PackJudge::of([], [], []));
        $this->assertNothingFine(FlightJudge::of([]));
        $this->assertNothingFine(TestDays::verdicts([]));
        $this->assertNothingFine((new LossReport([], [], []))->verdicts());
        $this->assertNothingFine(LeaveCheck::of([], [], [], [1 => true]), 'counted home, and nothing went');
        $this->assertNothingFine([LightMarks::compare('L1', [], [])]);
        $this->assertNothingFine(AuditJudge::of(new CopyAudit([], [], new AuditRule(), 0)));
        $this->assertNothingFine([Enough::of(0, 2)]);
        $this->assertNothingFine(SpotJudge::nothingOutdoors(0));
        $this->assertSame(
            [true, true, true, false, false],
            [
                SpotJudge::isOutside(true, 'Vows'), SpotJudge::isOutside(false, 'Rooms and outside'), SpotJudge::isOutside(false, 'Garden party'),
                SpotJudge::isOutside(false, 'Living room'), SpotJudge::isOutside(false, 'Gardener talks'),
            ],
        );
        $day = new PlannedDay(LocalDay::of('2027-06-05', 'UTC'), [], new Travels([]), [], null);
        $this->assertNothingFine(PlanJudge::concluded($day, new Verdicts()));
        $this->assertNothingFine(TeamSchedule::of([], 2)->verdicts());
    }

    public function test_a_bag_of_things_that_no_must_asks_for_survives_nothing(): void
    {
        $bag = [self::gear(1, GearKind::Body, []), self::gear(2, GearKind::Lens, [])];
        $this->assertNothingFine((new LossReport($bag, [], []))->verdicts());
    }

    public function test_cards_carry_nothing_where_no_frame_is_planned(): void
    {
        $card = static fn (int $frames): Need => new Need('card', NeedWhat::Card, 2, Priority::Must, true, '2 cards', '', [], [
            'card_gb' => 64.0,
            'frames' => $frames,
        ]);
        $bag = array_map(static fn (int $id): Gear => self::gear($id, GearKind::Card, ['capacity_gb' => 64.0]), [1, 2, 3]);
        $this->assertNothingFine(BudgetJudge::of([$card(0)], $bag));
        $this->assertSame(['kit.cards'], array_map(static fn (Verdict $v): string => $v->code, BudgetJudge::of([$card(10)], $bag)));
    }

    public function test_a_wire_of_unknown_rate_carries_nothing(): void
    {
        $cable = static fn (array $more): Gear => self::gear(3, GearKind::Cable, ['for_tether' => true, ...$more]);
        $this->assertNothingFine(StationJudge::of([$cable([])], 40.0));
        $known = $cable(['rate_mb_s' => 100.0]);
        $this->assertNothingFine(StationJudge::of([$known, self::gear(4, GearKind::Computer, [])], 40.0), 'nor one into a disk of unknown rate');
        $this->assertNothingFine(StationJudge::of([$known, self::gear(4, GearKind::Computer, ['write_mb_s' => 400.0])], 0.0));
        $said = StationJudge::of([$known, self::gear(4, GearKind::Computer, ['write_mb_s' => 400.0])], 40.0)[0];
        $this->assertSame([Severity::Fine, true], [$said->severity, str_contains($said->because, 'is not known')]);
    }

    public function test_dials_without_a_sheet_are_not_as_planned(): void
    {
        $frame = new ExposedFrame('12:00', null, 4.0, 800);
        $this->assertNothingFine(BumpCheck::of('A', [$frame], new SettingsSheet()));
        $this->assertNothingFine(BumpCheck::of('A', [$frame], new SettingsSheet(slowestS: 0.01)), 'the frame tells no shutter');
        $this->assertSame('bump.fine', BumpCheck::of('A', [$frame], new SettingsSheet(widest: 2.8))[0]->code);
    }

    public function test_a_brief_that_names_nobody_is_not_complete(): void
    {
        $of = static fn (int $named, string ...$musts): array => iterator_to_array(
            BriefJudge::of(new BriefFacts('Hall', true, $named, array_values($musts), 1, 660, 1350), []),
        );
        $codes = static fn (int $named, string ...$musts): array => array_map(static fn (Verdict $v): string => $v->code, $of($named, ...$musts));
        $this->assertSame(['brief.nobody'], $codes(0, 'Rings', 'Cake'));
        $this->assertSame(['brief.no-must-haves'], $codes(2));
        $this->assertSame(['brief.complete'], $codes(1, 'Cake at 22:29'));
        $this->assertStringEndsWith('tomorrow.', $of(1, 'Rings')[0]->because);
        // What nobody is booked for.
        $this->assertSame(['brief.must-outside-hours'], $codes(1, 'Rings', 'Lanterns at 22:30'));
        [$late] = $of(1, 'Lanterns at 23:10');
        $this->assertSame([['covered_to' => '23:40'], 70], [$late->remedy?->on, $late->figures['minutes']]);
        [$early] = $of(1, 'fog at 6:30');
        $this->assertSame([['covered_from' => '06:30'], 270], [$early->remedy?->on, $early->figures['minutes']]);
        $this->assertStringContainsString('4 h 30 earlier', $early->because);
    }

    public function test_the_night_before_proves_nothing_of_empty_lists(): void
    {
        $lists = NightList::of([], [], new CardsSeen(0, 0, []), [], [], 0, []);
        foreach ([...$lists->night, ...$lists->door] as $line) {
            $this->assertNotTrue($line->proved, $line->what);
            $this->assertStringNotContainsString('  ', $line->what, 'a hole where a name should be');
        }
        $packed = static fn (int $things): ?ListLine => NightList::of([], [], new CardsSeen(0, 0, []), [], [], $things, [])->door[0];
        $this->assertSame([false, true], [$packed(0)->proved, $packed(3)->proved]);
        $one = NightList::of([], ['A'], new CardsSeen(0, 0, []), ['clock' => true], [], 3, []);
        $this->assertNull($one->night[0]->proved, 'one clock agrees with nothing');
    }

    public function test_one_team_has_no_best_order(): void
    {
        $one = TeamSchedule::of([new Team('U12', 8, 4.0, 30.0)], 2);
        $this->assertNothingFine($one->verdicts());
    }

    public function test_an_order_that_nobody_sought_is_not_the_best(): void
    {
        $family = new Family(
            FamilyText::read([new FamilyLine('Ada', 'bride'), new FamilyLine('Bo', 'groom'), new FamilyLine('Cia', 'mother of Ada')]),
        );
        $day = LocalDay::of('2027-06-05', 'UTC');
        $groups = static fn (int $n): StandTime => new StandTime(
            array_slice(
                [new FamilyGroup('Hers', ['Ada', 'Cia'], Priority::Must), new FamilyGroup('Both', ['Ada', 'Bo'], Priority::Must)],
                0,
                $n,
            ),
            $family,
            false,
        );
        $found = static fn (StandTime $now, ?StandTime $best, int $minutes): Verdicts => FormalsJudge::of(
            $family,
            $now,
            $best,
            new FormalsSegment(1, 'Groups', $day->startsAt() + 36000, $minutes, false),
            $day,
        );
        $this->assertFalse($found($groups(2), null, 60)->has('people.order'), 'no other was looked for');
        $this->assertFalse($found($groups(1), $groups(1), 60)->has('people.order'), 'of one group there is no other order');
        $this->assertTrue($found($groups(2), $groups(2), 60)->has('people.order'));
        $need = (int) ceil($groups(2)->totalMinutes);
        $this->assertTrue($found($groups(2), null, $need)->has('people.fits'), 'to the minute');
        $this->assertTrue($found($groups(2), null, $need - 1)->has('people.too-long'));
        $this->assertFalse($found($groups(2), null, $need - 1)->has('people.fits'));
    }

    public function test_a_group_fits_only_into_room_that_was_measured(): void
    {
        $people = FamilyText::read(array_map(static fn (int $i): FamilyLine => new FamilyLine("P{$i}", '170 cm'), range(1, 6)));
        $said = static fn (?float $room): Verdicts => GroupSetup::best($people, [new StandLens(null, 50, 1.4)], $room, 13.0)->verdicts();
        $this->assertTrue($said(null)->has('people.room-unknown'));
        $this->assertFalse($said(null)->has('people.room'));
        $needs = GroupSetup::best($people, [new StandLens(null, 50, 1.4)], 99.0, 13.0)->distanceM;
        $this->assertTrue($said($needs + 0.1)->has('people.room'));
        $this->assertTrue($said(1.0)->has('people.no-room'));
        $this->assertFalse($said(1.0)->has('people.room'));
    }

    public function test_a_proposal_holds_the_plan_only_where_it_gives_all_of_it(): void
    {
        $body = new Gear(1, 'A', GearKind::Body);
        $need = static fn (int $count, NeedWhat $what = NeedWhat::Body): Need => new Need('body', $what, $count, Priority::Must, false, 'a body', '');
        $of = static fn (Need ...$needs): KitProposal => KitProposal::of(
            [$body],
            new PlannedWork(array_values($needs), [], new FlashWork(), 0.0, 20.0),
        );
        $code = static fn (Need ...$needs): string => array_reverse($of(...$needs)->verdicts())[0]->code;
        $this->assertSame('kit.proposal-none', $code());
        $reader = new Gear(2, 'Reader', GearKind::Reader);
        $house = new Need('reader', NeedWhat::Reader, 1, Priority::Must, false, 'a card reader', '');
        $empty = KitProposal::of([$body, $reader], new PlannedWork([$house], [], new FlashWork(), 0.0, 20.0))->verdicts();
        $this->assertNothingFine($empty, 'a reader is no kit for a day of which nothing is planned');
        $this->assertSame('kit.proposal-none', $empty[0]->code);
        $this->assertNothingFine((new LossReport([$reader, new Gear(3, 'Reader 2', GearKind::Reader)], [], [$house]))->verdicts());
        $this->assertSame('kit.proposal', $code($need(1)));
        $this->assertSame('kit.proposal-part', $code($need(2)));
    }

    public function test_two_teams_have_an_order_and_a_drive_holds_what_it_holds(): void
    {
        $teams = [new Team('U12', 8, 4.0, 30.0), new Team('U14', 6, 4.0, 30.0)];
        $this->assertSame('teams.order', TeamSchedule::of($teams, 2)->verdicts()->worst()?->code);
        $drive = static fn (float $tb): Gear => self::gear(1, GearKind::Drive, ['capacity_tb' => $tb]);
        $this->assertSame('kit.drives', DriveJudge::of([$drive(0.1)], 90.0)[0]->code, 'a tenth is kept free');
        $this->assertSame('kit.drive-small', DriveJudge::of([$drive(0.1)], 91.0)[0]->code);
        $this->assertNothingFine(DriveJudge::of([$drive(4)], 0.0), 'no frames are planned');
        $this->assertNothingFine(DriveJudge::of([], 100.0));
    }

    public function test_cells_may_fly_by_what_is_printed_on_them(): void
    {
        $cell = static fn (?float $wh): Gear => self::gear(1, GearKind::Cell, $wh === null ? [] : ['cell_wh' => $wh]);
        $severity = static fn (Gear ...$cells): string => FlightJudge::of(array_values($cells))[0]->severity->value;
        // IATA, Dangerous Goods Regulations, table 2.3.A: to 100 Wh, to 160 Wh with approval and two a person, from memory.
        $this->assertSame(
            ['fine', 'fix', 'fix', 'stop'],
            array_map(static fn (float $wh): string => $severity($cell($wh)), [100.0, 100.1, 160.0, 161.0]),
        );
        $this->assertSame(['mind', 'stop'], [$severity($cell(null)), $severity($cell(120), $cell(120), $cell(120))]);
    }
}
