<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\Judge\DriveJudge;
use NorthSatchel\Kit\Judge\DueJudge;
use NorthSatchel\Kit\Judge\FlightJudge;
use NorthSatchel\Kit\Judge\HoldsJudge;
use NorthSatchel\Kit\Judge\LensChanges;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\LostPair;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Judge\StationJudge;
use NorthSatchel\Kit\Judge\Swap;
use NorthSatchel\Kit\Judge\SwapTimes;
use NorthSatchel\Kit\Judge\WantedFocal;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Shelf\Ownership;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What breaks, who holds it, and what the small rules of the trade say. */
final class KitJudgesTest extends TestCase
{
    use GearHelp;

    /**
     * @param  list<Verdict>  $verdicts
     * @return list<string>
     */
    private static function codes(array $verdicts): array
    {
        return array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", $verdicts);
    }

    public function test_every_single_point_is_found_with_its_lightest_mend(): void
    {
        $needs = PlanNeeds::of([self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 60, 180]])], [], 5.0);
        $bag = [
            self::body(1, 'A'),
            self::body(2, 'B'),
            self::lens(11, '70–200', 70, 200, 2.8),
            ...self::cells(30, 3),
            self::gear(80, 'Reader', GearKind::Reader),
            self::gear(82, 'Drive 1', GearKind::Drive),
            self::gear(83, 'Drive 2', GearKind::Drive),
        ];
        $rest = [
            self::lens(15, '135', 135, 135, 2.0, 850),
            self::lens(16, '100–400', 100, 400, 5.6, 1500),
            self::lens(17, '50', 50, 50, 1.8, 200),
        ];
        $report = new LossReport($bag, $rest, $needs);
        $points = array_column(
            array_map(
                static fn ($r): array => [
                    'name' => $r->name(),
                    'mend' => implode('+', array_map(static fn (Gear $g): string => $g->label, $r->mends)),
                    'hire' => $r->toHire(),
                ],
                $report->singlePoints(),
            ),
            null,
            'name',
        );
        $this->assertSame(['70–200', 'Reader'], array_keys($points));
        $this->assertSame('135', $points['70–200']['mend'], 'the lightest that will do, cropped in');
        $this->assertSame(['', 'a reader'], [$points['Reader']['mend'], $points['Reader']['hire']], 'the shelf has none: hire');
        $this->assertNull((new LossReport([], $rest, $needs))->ofSafe(), 'of an empty bag nothing is said');
        $mended = new LossReport([...$bag, $rest[0], self::gear(81, 'Reader 2', GearKind::Reader)], [], $needs);
        $this->assertSame([], $mended->singlePoints());
        $this->assertContains('fine kit.survives', self::codes($mended->verdicts()));
        $this->assertContains('mind kit.pairs', self::codes($mended->verdicts()), 'both readers, both bodies');
        $pairs = array_column($mended->verdicts(), null, 'code')['kit.pairs'];
        $this->assertSame(count($mended->pairs).' pairs of failures would stop a must.', $pairs->finding);
        $this->assertStringStartsWith('Such as ', $pairs->because);
        $this->assertContains(
            ['A', 'B'],
            array_map(static fn (LostPair $p): array => array_map(static fn (Gear $g): string => $g->label, $p->gear), $mended->pairs),
        );
        $this->assertSame(
            ['fix kit.unmet'],
            array_values(
                array_filter(
                    self::codes((new LossReport([...array_slice($bag, 0, 2), ...array_slice($bag, 3)], $rest, $needs))->verdicts()),
                    static fn (string $c): bool => str_contains($c, 'unmet'),
                ),
            ),
        );
    }

    /** Of what is short already nothing can be spared, and two that each stop the job are no news as a pair. */
    public function test_what_is_short_is_not_called_spare(): void
    {
        $day = [self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 60, 180]])];
        $two = [
            new Need('body', NeedWhat::Body, 2, Priority::Must, true, '2 bodies', 'one each'),
            new Need('cell', NeedWhat::Cell, 4, Priority::Must, true, '4 cells', 'all day', figures: ['cell_type' => 'OV-16']),
            ...array_values(array_filter(PlanNeeds::of($day, [], 5.0), static fn (Need $n): bool => $n->what === NeedWhat::Reach)),
        ];
        $bag = [self::body(1, 'A'), self::body(2, 'B'), self::lens(11, '70–200', 70, 200, 2.8), ...self::cells(30, 3)];
        $report = new LossReport($bag, [], $two);
        $this->assertSame(['cell'], array_map(static fn (Need $n): string => $n->id, $report->unmet));
        $this->assertStringNotContainsString('Cell', (string) $report->ofSafe());
        $this->assertSame(
            [],
            array_filter($report->pairs, static fn (LostPair $p): bool => $p->gear[0]->label === 'A' && $p->gear[1]->label === 'B'),
            'either body alone leaves too few',
        );
    }

    /** M28: once the spare is in use there is no spare. */
    public function test_a_spare_in_use_is_no_spare(): void
    {
        $day = [self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 60, 180], ['The room', 'must', 10, 24]])];
        $bag = [
            self::body(1, 'A'),
            self::body(2, 'B'),
            self::lens(11, '70–200', 70, 200, 2.8),
            self::lens(12, '24–70', 24, 70, 2.8),
            ...self::cells(30, 3),
        ];
        $this->assertContains('mind kit.spare-in-use', self::codes((new LossReport($bag, [], PlanNeeds::of($day, [], 5.0)))->verdicts()));
        $this->assertNotContains(
            'mind kit.spare-in-use',
            self::codes((new LossReport([...$bag, self::body(3, 'C')], [], PlanNeeds::of($day, [], 5.0)))->verdicts()),
        );
    }

    public function test_who_holds_what_when(): void
    {
        $vows = self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 60, 180]]);
        $needs = PlanNeeds::of([$vows], [], 5.0);
        $tele = self::lens(11, '70–200', 70, 200, 2.8);
        $carried = static fn (string $lane): array => [new Carried($tele, $lane)];
        $this->assertSame([], HoldsJudge::of($carried('lead'), $needs, [$vows]));
        $this->assertSame(['mind kit.hand-over'], self::codes(HoldsJudge::of($carried('second'), $needs, [$vows])));
        $away = self::stretch(2, 'Table', 14, 60, [['Cards', 'should', 10, 35]], ['second'], place: 2);
        $found = HoldsJudge::of($carried('second'), $needs, [$vows, $away]);
        $this->assertSame(['fix kit.elsewhere'], self::codes($found));
        $this->assertSame(['item' => 11, 'lane' => 'lead'], $found[0]->remedy->on ?? null);
        $beside = static fn (int $from, int $to): PlannedStretch => new PlannedStretch(
            2, 'Table', ['second'], $from, $to, '14:00', 2, Priority::Should, 12.0, [PlannedShot::usual(10)],
        );
        foreach ([$beside($vows->from - 1800, $vows->from), $beside($vows->to, $vows->to + 1800)] as $table) {
            $this->assertSame(['mind kit.hand-over'], self::codes(HoldsJudge::of($carried('second'), $needs, [$vows, $table])), 'over, or not begun');
        }
        $lamp = [new Carried(self::gear(50, 'Flash', GearKind::Flash), 'second')];
        $asked = [new Need('light', NeedWhat::Light, 1, Priority::Must, false, 'a light', 'x.', $needs[1]->at ?: $needs[0]->at)];
        $this->assertSame([], HoldsJudge::of($lamp, $asked, [$vows]), 'of lenses alone');
        $near = self::stretch(2, 'Faces', 14, 60, [['Faces', 'should', 10, 35]], ['second'], place: 1);
        $this->assertSame(
            ['mind kit.hand-over'],
            self::codes(HoldsJudge::of($carried('second'), $needs, [$vows, $near])),
            'in the same room it is handed over',
        );
        $both = self::stretch(3, 'First half', 16, 30, [['Goal', 'must', 60, 200]], ['lead', 'second']);
        $asked = PlanNeeds::of([$both], [], 5.0);
        $two = [new Carried($tele, 'lead'), new Carried(self::lens(12, '100–300', 100, 300, 2.8), 'lead')];
        $this->assertSame(['mind kit.hand-over'], self::codes(HoldsJudge::of($two, $asked, [$both])), 'one of two can go');
        $this->assertSame([], HoldsJudge::of($carried('lead'), $asked, [$both]), 'who needs it at that minute hands nothing over');
        $said = (new LossReport([$tele, self::body(1, 'A'), ...self::cells(30, 2)], [], $asked))->verdicts();
        $reach = array_values(array_filter($said, static fn (Verdict $v): bool => $v->code === 'kit.unmet' && $v->figures['what'] === 'reach'));
        $this->assertSame('The bag does not give 200 mm at f/7.1 in 2 hands at once.', $reach[0]->finding);
        $this->assertStringEndsWith(
            'Of 2 it has 1. Nothing on the shelf does either: hire or borrow a lens that gives 200 mm at f/7.1.',
            $reach[0]->because,
        );
    }

    public function test_what_can_go_without_being_missed(): void
    {
        $needs = PlanNeeds::of([self::stretch(1, 'Vows', 14, 30, [['Rings', 'must', 60, 85]])], [], 5.0);
        $bag = [self::body(1, 'A'), self::lens(11, '70–200', 70, 200, 2.8), ...self::cells(30, 1), self::gear(84, 'Reader', GearKind::Reader)];
        $says = static fn (array $bag, array $needs): ?string => (new LossReport($bag, [], $needs))->ofSafe();
        $this->assertSame('Nothing in the bag could go without being missed.', $says($bag, $needs));
        $this->assertSame('Nothing is missed without Tape.', $says([...$bag, self::gear(90, 'Tape', GearKind::Tool)], $needs));
        $this->assertNull($says([], $needs));
        $this->assertNull($says($bag, []), 'of nothing that is wanted nothing is claimed');
        $none = static fn (array $bag, array $needs): string => (new LossReport($bag, [], $needs))->ofNothing();
        $this->assertSame('The bag is empty: there is nothing to lose yet.', $none([], $needs));
        $this->assertSame('The plan asks for nothing yet, so nothing of it can break.', $none($bag, []));
        $this->assertStringStartsWith('Nothing more breaks', $none([self::body(1, 'A')], $needs));
        $tool = [new Need('tool', NeedWhat::Tool, 1, Priority::Nice, false, 'a tool', 'x.')];
        $this->assertSame('Nothing breaks, whichever one thing is gone.', $none([self::gear(90, 'Tape', GearKind::Tool)], $tool));
    }

    /** What is missing beside does not hide that there is no second body. */
    public function test_a_lone_body_is_found_while_cells_are_short(): void
    {
        $needs = [
            ...PlanNeeds::of([self::stretch(1, 'Vows', 14, 30, [['Rings', 'must', 60, 85]])], [], 5.0),
            new Need('cell-OV-16', NeedWhat::Cell, 2, Priority::Must, true, '2 cells', 'x.', [], ['cell_type' => 'OV-16']),
        ];
        $bag = [self::body(1, 'A'), self::lens(11, '70–200', 70, 200, 2.8)];
        foreach ([[], self::cells(30, 1)] as $cells) {
            $found = [];
            foreach ((new LossReport([...$bag, ...$cells], [self::body(2, 'B')], $needs))->verdicts() as $verdict) {
                $found[$verdict->finding] = $verdict->remedy?->label;
            }
            $this->assertArrayHasKey('If A fails, a body is gone.', $found);
            $this->assertSame('Put B in', $found['If A fails, a body is gone.'], 'its cells are asked for by their own finding');
            $this->assertArrayHasKey('If 70–200 fails, 85 mm at f/7.1 is gone.', $found);
        }
    }

    public function test_the_fewest_lens_changes_against_trying_all(): void
    {
        $lenses = [
            self::lens(1, '24–70', 24, 70, 2.8),
            self::lens(2, '70–200', 70, 200, 2.8),
            self::lens(3, '35', 35, 35, 1.8),
            self::lens(4, '100', 100, 100, 2.8),
        ];
        $changed = 0;
        for ($seed = 1; $seed <= 40; $seed++) {
            $dice = new Randomizer(new Mt19937($seed));
            $shots = array_map(
                static fn (int $i): WantedFocal => new WantedFocal(what: "shot {$i}", focalMm: [24, 35, 50, 70, 100, 180][$dice->getInt(0, 5)]),
                range(1, 7),
            );
            foreach ([1, 2] as $bodies) {
                $found = LensChanges::of($lenses, $bodies, $shots);
                $this->assertCount(self::fewest($lenses, $bodies, $shots), $found->changes, "seed {$seed}, {$bodies}");
                $changed += count($found->changes);
            }
        }
        $this->assertGreaterThan(40, $changed);
        $easy = LensChanges::of($lenses, 2, [
            new WantedFocal(what: 'a', focalMm: 24),
            new WantedFocal(what: 'b', focalMm: 180),
            new WantedFocal(what: 'c', focalMm: 50),
        ]);
        $this->assertSame(['24–70', '70–200'], array_map(static fn (Gear $g): string => $g->label, $easy->start));
        $this->assertSame(['wide'], LensChanges::of($lenses, 2, [new WantedFocal(what: 'wide', focalMm: 14)])->unreached);
        $this->assertSame([], LensChanges::of([], 2, [new WantedFocal(what: 'wide', focalMm: 14)])->start);
    }

    /**
     * @param  list<Gear>  $lenses
     * @param  list<WantedFocal>  $shots
     */
    private static function fewest(array $lenses, int $bodies, array $shots): int
    {
        $walk = static function (array $on, int $at) use (&$walk, $lenses, $shots): int {
            if ($at === count($shots)) {
                return 0;
            }
            $mm = $shots[$at]->focalMm;
            $fits = static fn (Gear $l): bool => $l->reachOn(1)[0] <= $mm && $l->reachOn(1)[1] >= $mm;
            $least = array_filter($on, $fits) === [] ? PHP_INT_MAX : $walk($on, $at + 1);
            foreach (array_filter($lenses, static fn (Gear $l): bool => $fits($l) && ! in_array($l, $on, true)) as $lens) {
                foreach (array_keys($on) as $slot) {
                    $least = min($least, 1 + $walk([...array_slice($on, 0, $slot), $lens, ...array_slice($on, $slot + 1)], $at + 1));
                }
            }

            return $least;
        };
        $least = PHP_INT_MAX;
        foreach ($lenses as $i => $one) {
            foreach ($bodies === 1 ? [null] : array_slice($lenses, $i + 1) as $other) {
                $least = min($least, $walk($other === null ? [$one] : [$one, $other], 0));
            }
        }

        return $least;
    }

    public function test_cards_are_swapped_between_segments_and_never_within_a_must(): void
    {
        $day = [
            self::stretch(1, 'A', 9, 60, [['a', 'must', 300, 35]]),
            self::stretch(2, 'B', 11, 60, [['b', 'must', 300, 35]]),
            self::stretch(3, 'C', 13, 60, [['c', 'must', 300, 35]]),
            self::stretch(4, 'D', 15, 60, [['d', 'must', 100, 35]]),
        ];
        $swaps = SwapTimes::of($day, 700);
        $this->assertSame([['C', 600, 0]], array_map(static fn (Swap $s): array => [$s->before?->title, $s->after, $s->within], $swaps));
        $this->assertSame('Swap cards before “C” (13:00), after 600 frames.', $swaps[0]->says('cards'));
        $this->assertSame([], SwapTimes::of($day, 2000));
        $this->assertSame([], SwapTimes::of($day, 700, 0.5), 'on two bodies they last');
        $close = [
            self::stretch(1, 'A', 9, 60, [['a', 'must', 500, 35]]),
            self::stretch(2, 'B', 10, 60, [['b', 'should', 100, 35]], priority: 'should'),
            self::stretch(3, 'Vows', 11, 60, [['c', 'must', 300, 35]]),
        ];
        $this->assertSame(
            ['B'],
            array_map(static fn (Swap $s): ?string => $s->before?->title, SwapTimes::of($close, 700)),
            'no minute lies before the vows, so before what is no must',
        );
    }

    /** What one charge gives, in frames and in hours: held against the battery budget of the same day. */
    public function test_cells_are_swapped_before_they_are_empty_and_fresh_in_the_morning(): void
    {
        $day = [
            self::stretch(1, 'A', 9, 60, [['a', 'must', 200, 35]]),
            self::stretch(2, 'B', 11, 60, [['b', 'must', 100, 35]]),
            self::stretch(3, 'C', 14, 60, [['c', 'must', 200, 35]]),
        ];
        // 20 °C: 0.85 of a charge. 200/500 + 1/10 = 0.5; 100/500 and two hours with the gap are 0.4 more; 0.4 + 0.3 after that.
        $swaps = SwapTimes::ofCells($day, 1.0, 500, 10, 20.0);
        $this->assertSame(
            [['B', 200, 0], ['C', 300, 0]],
            array_map(static fn (Swap $s): array => [$s->before?->title, $s->after, $s->within], $swaps),
        );
        $this->assertSame(
            2,
            BatteryBudget::of(500, 500, 6, 10, 20.0, 0.15)->charges,
            'drained to the reserve two would do, swapped in breaks it takes three: the spare is the third',
        );
        $this->assertCount(1, SwapTimes::ofCells($day, 0.5, 500, 10, 20.0), 'with half of the frames on another body');
        $this->assertCount(3, SwapTimes::ofCells([...$day, self::stretch(4, 'D', 16, 60, [['d', 'must', 300, 35]])], 1.0, 500, 10, 20.0));
        // The next morning they are charged: no swap before the first stretch of it.
        $next = self::stretch(5, 'E', 33, 60, [['e', 'must', 200, 35]]);
        $this->assertCount(2, SwapTimes::ofCells([...$day, $next], 1.0, 500, 10, 20.0));
        // One stretch that takes three charges.
        $long = SwapTimes::ofCells([self::stretch(1, 'Party', 18, 120, [['a', 'must', 1000, 35]])], 1.0, 500, 100, 20.0);
        $this->assertSame([[null, 0, 2]], array_map(static fn (Swap $s): array => [$s->before?->title, $s->after, $s->within], $long));
        $this->assertSame(
            'Swap the cell 2 times within “Party” (18:00), between two shots: it takes more than one set gives.',
            $long[0]->says('the cell'),
        );
        $this->assertSame(1, $long[0]->segmentId());
        $this->assertStringContainsString(
            'before “Party” (18:00), after 200 frames, and once within “Party”',
            SwapTimes::of(
                [self::stretch(1, 'A', 9, 60, [['a', 'must', 200, 35]]), self::stretch(2, 'Party', 18, 120, [['a', 'must', 500, 35]])],
                300,
            )[0]->says('cards'),
        );
        $this->expectException(ImpossibleValue::class);
        SwapTimes::ofCells($day, 1.0, 0, 10, 20.0);
    }

    /** However a day is filled: between two swaps nothing runs out but a stretch that alone takes more. */
    public function test_swaps_of_cards_never_come_too_late(): void
    {
        $random = new Randomizer(new Mt19937(17));
        for ($run = 0; $run < 60; $run++) {
            $day = [];
            for ($i = 0, $hour = 8; $i < 9; $i++, $hour += $random->getInt(1, 2)) {
                $day[] = self::stretch(
                    $i + 1,
                    "S{$i}",
                    $hour,
                    $random->getInt(0, 1) === 1 ? 60 : 40,
                    [['a', 'must', $random->getInt(0, 400), 35]],
                    priority: $random->getInt(0, 1) === 1 ? 'must' : 'should',
                );
            }
            $full = $random->getInt(150, 600);
            $swaps = SwapTimes::of($day, $full);
            $before = array_filter(array_map(static fn (Swap $s): ?int => $s->before?->id, $swaps));
            $left = $full;
            foreach ($day as $stretch) {
                $here = $stretch->shots[0]->frames;
                if (in_array($stretch->id, $before, true)) {
                    $left = $full;
                }
                $within =
                    array_values(array_filter($swaps, static fn (Swap $s): bool => $s->wouldRunOutIn->id === $stretch->id))[0]->within ?? 0;
                $left += $within * $full - $here;
                $this->assertGreaterThanOrEqual(0, $left, "run {$run}, {$stretch->title}: {$here} of {$full}");
                $this->assertTrue($within === 0 || $here > $within * $full, 'none too many');
            }
        }
    }

    /** ICAO Technical Instructions and IATA DGR, from memory: 100 Wh freely, two of 100 to 160 Wh with approval, none above. */
    #[DataProvider('flights')]
    public function test_cells_in_aircraft(array $wattHours, string $expected): void
    {
        $bag = array_map(
            static fn (?float $wh, int $i): Gear => self::gear($i, "Cell {$i}", GearKind::Cell, $wh === null ? [] : ['cell_wh' => $wh]),
            $wattHours,
            array_keys($wattHours),
        );
        $verdicts = FlightJudge::of($bag);
        $this->assertSame($expected, self::codes($verdicts)[0] ?? '');
        foreach ($verdicts as $verdict) {
            $this->assertStringContainsString('The airline decides', $verdict->because);
        }
    }

    /** @return array<string, array{list<float|null>, string}> */
    public static function flights(): array
    {
        return [
            'none' => [[], ''],
            'small' => [[16.0, 100.0], 'fine kit.flight'],
            'two large' => [[130.0, 160.0], 'fix kit.flight'],
            'three large' => [[130.0, 130.0, 130.0], 'stop kit.flight'],
            'too large' => [[160.1], 'stop kit.flight'],
            'unknown' => [[null], 'mind kit.flight'],
        ];
    }

    public function test_what_is_due_back(): void
    {
        $lens = static fn (?string $due, Ownership $how = Ownership::Hired): Gear => new Gear(
            1,
            'Tele',
            GearKind::Lens,
            ownership: $how,
            fromWhom: 'the hire desk',
            dueOn: $due,
        );
        $this->assertSame([], DueJudge::of([$lens('2030-05-01', Ownership::Owned)], '2030-06-01'));
        $this->assertSame(['mind kit.due'], self::codes(DueJudge::of([$lens(null, Ownership::Borrowed)], '2030-06-01')));
        $this->assertSame('Tele is overdue.', DueJudge::of([$lens('2030-05-30')], '2030-06-01')[0]->finding);
        $this->assertSame('Tele is due back before the job.', DueJudge::of([$lens('2030-06-08')], '2030-06-01', '2030-06-10')[0]->finding);
        $this->assertSame(['mind kit.due'], self::codes(DueJudge::of([$lens('2030-06-08')], '2030-06-01', '2030-06-07')));
        $this->assertSame([], DueJudge::of([$lens('2030-07-08')], '2030-06-01'));
    }

    public function test_long_cables_slow_the_wire(): void
    {
        $cable = static fn (float $m, string $standard, ?float $rate = null): array => [
            self::gear(1, 'Wire', GearKind::Cable, [
                'length_m' => $m,
                'standard' => $standard,
                'for_tether' => true,
                ...$rate === null ? [] : ['rate_mb_s' => $rate],
            ]),
        ];
        $laptop = self::gear(2, 'Laptop', GearKind::Computer, ['write_mb_s' => 400.0]);
        $this->assertSame(['fix kit.no-computer', 'fix kit.cable'], self::codes(StationJudge::of($cable(8, 'USB 3'), 60)));
        $this->assertSame(['fine kit.cable'], self::codes(StationJudge::of([$laptop, ...$cable(4.6, 'USB 2', 30)], 60)));
        // Nothing carries that nobody has looked at: no disk, no frame, no rate, no computer.
        $slate = self::gear(2, 'Slate', GearKind::Computer);
        $unknown = StationJudge::of([$slate, ...$cable(1.0, 'USB 2')], 0);
        $this->assertSame(['mind kit.cable-unknown'], self::codes($unknown));
        $this->assertStringContainsString(
            'the rate of Wire; the rate of the disk of Slate; how large a frame of the camera is',
            $unknown[0]->because,
        );
        $this->assertSame(['mind kit.cable-unknown'], self::codes(StationJudge::of([$slate, ...$cable(1.0, 'USB 2', 30)], 60)));
        $this->assertSame(['mind kit.cable-unknown'], self::codes(StationJudge::of([$laptop, ...$cable(1.0, 'USB 2', 30)], 0)));
        $this->assertSame(['fix kit.no-computer'], self::codes(StationJudge::of($cable(1.0, 'USB 2', 30), 60)), 'into nothing it carries nothing');
        // The whole wire counts: cable and extension together, and the slowest link, the disk among them.
        $joint = self::gear(3, 'Extension', GearKind::Cable, [
            'length_m' => 1.5, 'standard' => 'USB 3', 'for_tether' => true, 'is_joint' => true, 'rate_mb_s' => 90.0,
        ]);
        $long = StationJudge::of([$laptop, $joint, ...$cable(2.0, 'USB 3', 300)], 60);
        $this->assertSame([['fix kit.cable'], 3.5], [self::codes($long), $long[0]->figures['length_m']]);
        $joined = StationJudge::of([$laptop, $joint, ...$cable(1.0, 'USB 3', 300)], 60);
        $this->assertSame([['mind kit.cable'], 0.7], [self::codes($joined), $joined[0]->figures['seconds']]);
        $this->assertStringContainsString('the rate of Extension', $joined[0]->because);
        $old = self::gear(2, 'Laptop', GearKind::Computer, ['write_mb_s' => 15.0]);
        $disk = StationJudge::of([$old, ...$cable(1.0, 'USB 3', 300)], 60);
        $this->assertSame([['mind kit.cable'], 4.0], [self::codes($disk), $disk[0]->figures['seconds']]);
        $this->assertStringContainsString('the disk of Laptop', $disk[0]->because);
        $slow = StationJudge::of([$laptop, ...$cable(4.6, 'USB 2', 12)], 60);
        $this->assertSame([['mind kit.cable'], 5.0], [self::codes($slow), $slow[0]->figures['seconds']]);
        $this->assertSame([], StationJudge::of([self::gear(1, 'Mains', GearKind::Cable, ['length_m' => 10.0])], 60));
    }

    public function test_drives_hold_the_day(): void
    {
        $drive = static fn (float $tb): Gear => self::gear(1, 'Drive', GearKind::Drive, ['capacity_tb' => $tb, 'write_mb_s' => 400.0]);
        $this->assertSame([], DriveJudge::of([self::gear(1, 'Drive', GearKind::Drive)], 100));
        $this->assertSame(['fix kit.drive-small'], self::codes(DriveJudge::of([$drive(4), $drive(0.1)], 100)));
        // 120 GB at the reader's 250 MB/s are 8 minutes, and as long again for reading back.
        $fine = DriveJudge::of([$drive(4), self::gear(2, 'Reader', GearKind::Reader, ['read_mb_s' => 250.0])], 120);
        $this->assertStringContainsString('in about 16 min', $fine[0]->because);
        $this->assertStringContainsString(
            '2 h 13',
            DriveJudge::of([$drive(4), self::gear(2, 'Reader', GearKind::Reader, ['read_mb_s' => 250.0])], 1000)[0]->because,
        );
    }

    public function test_people_can_fail_too(): void
    {
        $lead = self::stretch(1, 'Vows', 14, 30, [['a', 'must', 10, 35]]);
        $this->assertSame('Nobody stands in for you.', PersonLoss::of([$lead])[0]->finding);
        $found = PersonLoss::of([
            $lead,
            self::stretch(2, 'Groom', 14, 20, [['b', 'must', 10, 35]], ['second']),
            self::stretch(3, 'Room', 17, 20, [['c', 'must', 10, 35]], ['second']),
            self::stretch(4, 'Both', 19, 20, [['c', 'must', 10, 35]], ['lead', 'second']),
        ]);
        $this->assertSame('If the second falls ill, 1 of 2 musts have nobody.', $found[1]->finding);
        $this->assertStringContainsString('Nobody else has a must during “Room” at 17:00', $found[1]->because);
        $helped = [$lead, self::stretch(2, 'Build the set', 10, 120, [], ['lead', 'assistant'])];
        $this->assertSame('Nobody stands in for you.', PersonLoss::of($helped)[0]->finding, 'an assistant is no photographer');
    }
}
