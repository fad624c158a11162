<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\BodyWork;
use NorthSatchel\Kit\Needs\BudgetNeeds;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\DealtWork;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\Givers;
use NorthSatchel\Kit\Needs\LitFrames;
use NorthSatchel\Kit\Needs\LoneWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\RemoteWork;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** From the plan to what must come along, and from the shelf to the bag. */
final class NeedsTest extends TestCase
{
    use GearHelp;

    /**
     * @param  list<Need>  $needs
     * @return array<string, Need>
     */
    private static function byId(array $needs): array
    {
        return array_column($needs, null, 'id');
    }

    public function test_the_plan_asks_for_reach_and_bodies_with_reasons(): void
    {
        $needs = self::byId(
            PlanNeeds::of(
                [
                    self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 60, 200], ['The whole room', 'must', 10, 24]], ev: 4.0),
                    self::stretch(2, 'Guests', 14, 30, [['Faces', 'should', 40, 85], ['The whole room', 'must', 10, 24]], ['second'], 4.0),
                    self::stretch(3, 'Garden', 17, 60, [['Walk', 'must', 80, 85]], ev: 13.0),
                ],
                [],
                9.0,
            ),
        );
        $this->assertSame([2, true], [$needs['body']->count, $needs['body']->wantsSpare]);
        $this->assertSame(
            [3, 'should'],
            [$needs['body-harness']->count, $needs['body-harness']->priority->value],
            '24 and 200 mm in one segment leave no time for a change',
        );
        $this->assertSame(2, $needs['reach-24']->count, 'both photographers at the same minute');
        $this->assertSame(2, $needs['reach-24-and-200']->count, 'the second has the room while the lead has the back');
        $this->assertTrue($needs['reach-24-and-200']->isGivenBy(self::lens(1, 'wide', 16, 35, 2.8)));
        $this->assertFalse($needs['reach-24-and-200']->isGivenBy(self::lens(1, 'middle', 50, 85, 2.8)));
        $this->assertSame(
            [1, 'must'],
            [$needs['reach-85']->count, $needs['reach-85']->priority->value],
            'a must of one and a should of the other, hours apart',
        );
        $this->assertStringContainsString('“From the back” at 14:00, lead', $needs['reach-200']->because);
        // f = √(2^4 × 1/160 s × 6400/100) = 2.53.
        $this->assertSame('200 mm at f/2.5', $needs['reach-200']->title);
        $this->assertNull(PlanNeeds::stopFor(13.0));
        $this->assertSame(1.4, PlanNeeds::stopFor(-3.0));
        $this->assertSame([1, true], [$needs['drive']->count, $needs['drive']->wantsSpare], 'two copies, so two drives');
        $this->assertSame([1, Priority::Should], [$needs['charger']->count, $needs['charger']->priority]);
        $this->assertSame(Priority::Must, self::byId(PlanNeeds::of([], [], 4.0, days: 2))['charger']->priority);
        $this->assertArrayNotHasKey('charger', self::byId(PlanNeeds::of([], [], 4.0)));
    }

    /** ISO 1230: f/8 at 3 m behind two stops of cloth at ISO 400 wants a guide number of 8 × 3 ÷ 2 × 2 = 24. */
    public function test_what_is_asked_for_by_hand(): void
    {
        $garden = self::stretch(3, 'Garden', 17, 60, [['Walk', 'must', 80, 85]]);
        $light = new Ask(1, NeedWhat::Light, 2, Priority::Must, 3, 'rim and main', 3.0, 8.0, 400, 2.0);
        $needs = self::byId(
            PlanNeeds::of(
                [$garden],
                [
                    $light,
                    new Ask(2, NeedWhat::Remote, 1, Priority::Must, 3),
                    new Ask(3, NeedWhat::Ladder, 1, Priority::Nice),
                    new Ask(4, NeedWhat::Tether, 1, Priority::Should),
                ],
                5.0,
            ),
        );
        $this->assertEqualsWithDelta(24.0, $needs['light-ask1']->figure('guide_m'), 1e-9);
        $this->assertSame(2, $needs['light-ask1']->count);
        $this->assertSame(2, $needs['stand-ask1']->count);
        $this->assertSame(1, $needs['trigger-ask1']->count, 'one trigger fires lights and remote');
        $this->assertSame(2, $needs['body']->count, 'the remote is a body more');
        $this->assertFalse($needs['clamp-ask2']->wantsSpare);
        $this->assertSame('a cable for tethering', $needs['tether-ask4']->title);
        $this->assertFalse($needs['ladder-ask3']->isMust());
        $this->assertTrue($needs['light-ask1']->isGivenBy(self::gear(1, 'Head', GearKind::Flash, ['guide_number_m' => 24])));
        $this->assertFalse($needs['light-ask1']->isGivenBy(self::gear(1, 'Head', GearKind::Flash, ['guide_number_m' => 23])));
    }

    public function test_crop_factors_count(): void
    {
        $need = new Need('reach-300', NeedWhat::Reach, 1, Priority::Must, false, '300 mm', '', [], ['focal_mm' => 300.0]);
        $full = self::body(1, 'Full');
        $small = self::body(2, 'Small', 1.5);
        $lens = self::lens(3, '70–200', 70, 200, 2.8);
        $this->assertSame(
            [],
            (new Givers([$full, $lens, ...self::cells(9, 1)], [$need]))->loseOne()->met,
            '200 mm is less than seven tenths of 300',
        );
        $lose = (new Givers([$full, $small, $lens, ...self::cells(9, 1)], [$need]))->loseOne();
        $this->assertSame(['reach-300'], $lose->met);
        $this->assertSame(['reach-300'], $lose->without(['g2']), 'without the smaller sensor it does not reach');
        $this->assertSame([], $lose->without(['g1']));
        $this->assertTrue($need->isGivenBy(self::lens(4, 'long', 210, 210, 4), 1.0, true), 'seven tenths of it, cropped in');
        $this->assertFalse(
            (new Need(
                'reach-85',
                NeedWhat::Reach,
                1,
                Priority::Must,
                false,
                '',
                '',
                [],
                ['focal_mm' => 85.0, 'f_number' => 2.0],
            ))->isGivenBy($lens),
            'f/2.8 is not f/2',
        );
        $slow = self::gear(5, 'slow zoom', GearKind::Lens, [
            'focal_min_mm' => 24,
            'focal_max_mm' => 105,
            'widest_stop' => 3.5,
            'widest_stop_long' => 5.6,
        ]);
        $this->assertEqualsWithDelta(5.6, $slow->widestAt(105), 1e-9);
        $this->assertGreaterThan(3.5, $slow->widestAt(50));
        $this->assertFalse(
            self::gear(6, 'other mount', GearKind::Lens, ['mount' => 'XX', 'focal_min_mm' => 24, 'focal_max_mm' => 70])->fits($full),
        );
    }

    /** @return list<Gear> */
    private static function shelf(): array
    {
        return [
            self::body(1, 'Body A'),
            self::body(2, 'Body B'),
            self::body(3, 'Body C', 1.0, 900),
            self::lens(11, '24–70', 24, 70, 2.8, 800),
            self::lens(12, '70–200', 70, 200, 2.8, 1400),
            self::lens(13, '35', 35, 35, 1.8, 300),
            self::lens(14, '85', 85, 85, 1.8, 400),
            self::lens(15, '135', 135, 135, 2.0, 850),
            self::lens(16, '24', 24, 24, 2.8, 250),
            self::lens(17, '20', 20, 20, 2.8, 600),
            self::lens(18, '28', 28, 28, 2.0, 600),
            ...self::cells(30, 8),
            ...self::cards(50, 8),
            ...self::cards(70, 4, 64.0),
            self::gear(80, 'Reader', GearKind::Reader),
            self::gear(81, 'Reader 2', GearKind::Reader),
            self::gear(82, 'Drive 1', GearKind::Drive),
            self::gear(83, 'Drive 2', GearKind::Drive),
            self::gear(84, 'Charger', GearKind::Charger, ['cell_type' => 'OV-16']),
            self::gear(85, 'Ladder', GearKind::Ladder),
        ];
    }

    private static function work(int $frames = 900): PlannedWork
    {
        $day = [
            self::stretch(1, 'Vows', 14, 30, [['From the back', 'must', 200, 180], ['The whole room', 'must', 100, 24]], ev: 5.0),
            self::stretch(2, 'Garden', 17, 60, [['Walk', 'must', 600, 35]], ev: 13.0),
        ];

        return new PlannedWork(
            PlanNeeds::of($day, [new Ask(9, NeedWhat::Ladder, 1, Priority::Nice)], 9.0),
            ['lead' => $frames],
            new FlashWork(),
            9.0,
            5.0,
        );
    }

    public function test_things_are_counted_in_words(): void
    {
        $cell = new Need('c', NeedWhat::Cell, 3, Priority::Must, true, '3 charged cells of type A-1', 'x.', [], ['cell_type' => 'A-1']);
        $this->assertSame(['a cell of type A-1', '2 cells of type A-1'], [$cell->toHire(), $cell->toHire(2)]);
        $light = new Need('l', NeedWhat::Light, 1, Priority::Must, true, 'guide number 40 m', 'x.');
        $this->assertSame(['a flash with guide number 40 m', '2 flashes with guide number 40 m'], [$light->toHire(), $light->toHire(2)]);
        $this->assertSame(
            ['a body', '3 bodies', 'a lens', '2 lenses', '2 cables for tethering', '2 ladders', 'a safety cable'],
            [
                NeedWhat::Body->counted(1), NeedWhat::Body->counted(3), NeedWhat::Reach->counted(1), NeedWhat::Reach->counted(2),
                NeedWhat::Tether->counted(2), NeedWhat::Ladder->counted(2), NeedWhat::SafetyCable->counted(1),
            ],
        );
    }

    public function test_the_lightest_kit_that_holds_the_plan(): void
    {
        $kit = KitProposal::of(self::shelf(), self::work());
        $labels = array_map(static fn (array $c): string => $c['gear']->label, $kit->chosen);
        $this->assertTrue($kit->isOptimal);
        $this->assertSame([], $kit->short);
        foreach (
            ['Body A', 'Body B', '70–200', '135', '35', '24', 'Reader', 'Reader 2', 'Drive 1', 'Drive 2', 'Charger', 'Ladder'] as $label
        ) {
            $this->assertContains($label, $labels);
        }
        $this->assertNotContains('Body C', $labels, 'the two light bodies hold it, one of them as the spare');
        $why = array_column(
            array_map(static fn (array $c): array => ['label' => $c['gear']->label, 'why' => implode('; ', $c['why'])], $kit->chosen),
            'why',
            'label',
        );
        $this->assertStringContainsString('180 mm', $why['70–200']);
        $this->assertStringContainsString('spare: 180 mm', $why['135'], 'cropped in it will do');
        $this->assertStringContainsString('a card reader, and the spare', $why['Reader 2']);
        $this->assertSame(array_sum(array_map(static fn (array $c): int => $c['gear']->grams(), $kit->chosen)), $kit->grams);
        $this->assertSame(
            [],
            (new \NorthSatchel\Kit\Judge\LossReport(array_column($kit->chosen, 'gear'), [], $kit->needs))->singlePoints(),
            'what is proposed survives the loss of any one thing',
        );
    }

    public function test_schools_and_limits(): void
    {
        $lenses = static fn (KitProposal $k): array => array_values(
            array_filter(
                array_map(static fn (array $c): ?string => $c['gear']->kind === GearKind::Lens ? $c['gear']->label : null, $k->chosen),
            ),
        );
        $this->assertContains('24–70', $lenses(KitProposal::of(self::shelf(), self::work(), KitSchool::Zooms)));
        $this->assertNotContains('24–70', $lenses(KitProposal::of(self::shelf(), self::work(), KitSchool::Primes)));
        $this->assertLessThanOrEqual(
            count($lenses(KitProposal::of(self::shelf(), self::work()))),
            count($lenses(KitProposal::of(self::shelf(), self::work(), KitSchool::FewLenses))),
        );
        $abroad = KitProposal::of(self::shelf(), self::work(), KitSchool::Abroad);
        $full = KitProposal::of(self::shelf(), self::work());
        $this->assertLessThan($full->grams, $abroad->grams);
        $this->assertContains('reach-180', array_column($abroad->needs, 'id'));
        $limited = KitProposal::of(self::shelf(), self::work(), limitG: $full->grams - 4000);
        $this->assertSame(['ladder-ask9'], array_column($limited->leftOut, 'id'), 'the nice thing stays at home');
        $this->assertNull($limited->overG);
        $this->assertGreaterThan(0, KitProposal::of(self::shelf(), self::work(), limitG: 1000)->overG);
    }

    public function test_what_the_shelf_does_not_have_is_said(): void
    {
        $shelf = array_values(
            array_filter(self::shelf(), static fn (Gear $g): bool => ! in_array($g->label, ['70–200', '135', 'Reader 2'], true)),
        );
        $kit = KitProposal::of($shelf, self::work());
        $short = array_column(
            array_map(
                static fn (array $s): array => ['id' => $s['need']->id, 'missing' => $s['missing'], 'hire' => $s['need']->toHire()],
                $kit->short,
            ),
            null,
            'id',
        );
        $this->assertSame(1, $short['reader']['missing']);
        $this->assertSame(2, $short['reach-180']['missing']);
        $this->assertSame('a lens that gives 180 mm at f/3.5', $short['reach-180']['hire']);
    }

    /**
     * Two mirrored pairs of 128 GB, one a body, carry a long wedding day: 2,000 frames of 50 MB a body fit one pair (common practice, no
     * source).
     */
    public function test_cells_and_cards_follow_from_the_bodies(): void
    {
        $bodies = DealtBodies::dealt(['lead' => [self::body(1, 'A'), self::body(2, 'B')]], ['lead' => 3800], [])->shared;
        $this->assertSame([1900, 1900], array_column($bodies, 'frames'));
        $needs = self::byId(BudgetNeeds::of($bodies, [], 10.0, 20.0, new FlashWork(), self::cards(50, 8)));
        $this->assertSame(4, $needs['card']->count);
        $this->assertStringContainsString('2 pairs', $needs['card']->because);
        // 1900 ÷ 600 + 10 ÷ 40 = 3.42; ÷ 0.85 = 4.02, so five each.
        $this->assertSame(10, $needs['cell-OV-16']->count);
        $this->assertGreaterThan(
            10,
            self::byId(BudgetNeeds::of($bodies, [], 10.0, -10.0, new FlashWork(), self::cards(50, 8)))['cell-OV-16']->count,
            'the cold costs cells',
        );
        $flash = self::gear(5, 'Flash', GearKind::Flash, ['cell_type' => 'AA', 'cells' => 4, 'pops_per_charge' => 150]);
        $this->assertSame(
            8,
            self::byId(BudgetNeeds::of($bodies, [$flash], 4.0, 20.0, new FlashWork([new LitFrames(200, 50.0)], 1), []))['cell-AA']->count,
            '200 pops are two charges of four cells',
        );
        // A quarter of the guide number is a sixteenth of the power: 1600 pops are a hundred at full; the other flash waits as the spare.
        $strong = self::gear(6, 'Strong', GearKind::Flash, ['cell_type' => 'AA', 'cells' => 4, 'pops_per_charge' => 150, 'guide_number_m' => 60.0]);
        $cells = self::byId(BudgetNeeds::of($bodies, [$flash, $strong], 4.0, 20.0, new FlashWork([new LitFrames(1600, 15.0)], 1), []))['cell-AA'];
        $this->assertSame(8, $cells->count);
        $this->assertStringContainsString('4 for Strong (1600 pops, as 100 at full power), 4 for Flash (the spare)', $cells->because);
        // What feeds a light is wanted as much as the light.
        $priority = static function (FlashWork $light) use ($bodies, $strong): array {
            $need = self::byId(BudgetNeeds::of($bodies, [$strong], 4.0, 20.0, $light, []))['cell-AA'];

            return [$need->priority, $need->wantsSpare];
        };
        $lit = [new LitFrames(100, 15.0)];
        $this->assertSame([Priority::Should, false], $priority(new FlashWork()));
        $this->assertSame([Priority::Should, false], $priority(new FlashWork($lit, 1)));
        $this->assertSame([Priority::Must, true], $priority(new FlashWork($lit, 1, Priority::Must)));
        $lamp = new Ask(1, NeedWhat::Light, 1, Priority::Must);
        $dinner = self::stretch(1, 'Dinner', 18, 60, [['Toast', 'must', 20, 35]], ev: 12.0);
        $this->assertSame(
            [Priority::Must, Priority::Should],
            [FlashWork::of([$dinner], [new Ask(1, NeedWhat::Light, 1, Priority::Must, 1)])->priority, FlashWork::of([$dinner], [$lamp])->priority],
            'of the whole job it lights what is lit, and here nothing is',
        );
        $small = self::byId(BudgetNeeds::of($bodies, [], 10.0, 20.0, new FlashWork(), [...self::cards(50, 2), ...self::cards(60, 12, 64.0)]));
        $this->assertSame(64.0, $small['card']->figure('card_gb'), 'of the large ones there are too few');
        $this->assertSame(8, $small['card']->count);
    }

    /** What stands alone gets fresh cells for its hours and cards for the frames that it fires with the main camera. */
    public function test_what_stands_alone_gets_fresh_cells_and_cards_of_its_own(): void
    {
        $day = [
            self::stretch(1, 'Walk in', 14, 60, [['a', 'must', 200, 35]]),
            self::stretch(2, 'Party', 18, 120, [['b', 'must', 900, 35]]),
        ];
        $asks = [
            new Ask(1, NeedWhat::Remote, 1, Priority::Must, 1, hours: 6.0),
            new Ask(2, NeedWhat::Remote, 2, Priority::Must),
            new Ask(3, NeedWhat::Ladder, 1, Priority::Nice, hours: 9.0),
        ];
        $this->assertEquals(
            [new RemoteWork(frames: 200, hours: 6.0), new RemoteWork(frames: 1100, hours: 0.0), new RemoteWork(frames: 1100, hours: 0.0)],
            PlannedWork::remotes($asks, $day),
        );
        $this->assertEquals(
            [new RemoteWork(frames: 900, hours: 2.0)],
            PlannedWork::remotes([new Ask(1, NeedWhat::Remote, 1, Priority::Must, 2, hours: 0.5)], $day),
            'no shorter than its segment',
        );
        [$a, $b, $c] = [self::body(1, 'A'), self::body(2, 'B'), self::body(3, 'C')];
        $remote = new RemoteWork(frames: 200, hours: 30.0);
        $dealt = DealtBodies::dealt(['lead' => [$a, $b], 'second' => [$c]], ['lead' => 1000, 'second' => 300], [$remote]);
        $this->assertSame(
            [['A', 1000], ['C', 300]],
            array_map(static fn (BodyWork $s): array => [$s->body->label, $s->frames], $dealt->shared),
        );
        $this->assertSame(['B'], array_map(static fn (LoneWork $s): string => $s->body->label, $dealt->alone));
        $this->assertSame(
            'a further body',
            DealtBodies::dealt(['second' => [$c]], [], [$remote])->alone[0]->body->label,
            'what is in a hand does not stand alone as well',
        );
        $this->assertEquals(new DealtWork([], []), DealtBodies::dealt([], [], [$remote]));
        $twice = DealtBodies::dealt(['lead' => [$a, $b]], ['lead' => 1000], [$remote, $remote]);
        $this->assertSame(['B', 'a further body'], array_map(static fn (LoneWork $s): string => $s->body->label, $twice->alone));
        $with = self::byId(BudgetNeeds::of($dealt->shared, [], 4.0, 20.0, new FlashWork(), self::cards(50, 8), $dealt->alone));
        $without = self::byId(BudgetNeeds::of($dealt->shared, [], 4.0, 20.0, new FlashWork(), self::cards(50, 8)));
        $charges = BatteryBudget::of(
            200,
            $b->number('frames_per_charge') ?? 500,
            30.0,
            $b->number('standby_hours_per_charge') ?? 40,
            20.0,
            0.15,
        )->charges;
        $this->assertSame($without['cell-OV-16']->count + $charges, $with['cell-OV-16']->count);
        $this->assertStringContainsString("{$charges} fresh for B, which stands alone for 30 h", $with['cell-OV-16']->because);
        $this->assertGreaterThan($without['card']->count, $with['card']->count);
    }
}
