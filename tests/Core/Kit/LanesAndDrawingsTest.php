<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Drawing\Point;
use NorthSatchel\Exposure\AmbientForecast;
use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Exposure\Evenness;
use NorthSatchel\Exposure\FlashGun;
use NorthSatchel\Exposure\FlashJudge;
use NorthSatchel\Exposure\FlashPlan;
use NorthSatchel\Exposure\FlashPower;
use NorthSatchel\Exposure\LightDrawing;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\Exposure\SecondLight;
use NorthSatchel\Kit\KitLanes;
use NorthSatchel\Kit\KitProposal;
use NorthSatchel\Kit\KitSchool;
use NorthSatchel\Kit\Needs\Ask;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\PlannedWork;
use NorthSatchel\Kit\ProposedLine;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Optics\FrameEdge;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** Who carries what, the light that is expected, and what is drawn. */
final class LanesAndDrawingsTest extends TestCase
{
    use GearHelp;

    public function test_the_kit_is_shared_out_so_that_each_has_what_they_shoot_with(): void
    {
        $day = [
            self::stretch(1, 'Hers', 9, 60, [['wide', 'must', 100, 24], ['long', 'must', 200, 180]]),
            self::stretch(2, 'His', 9, 60, [['close', 'must', 150, 35], ['faces', 'must', 150, 85]], ['second']),
        ];
        $gear = [
            self::body(1, 'A'),
            self::body(2, 'B'),
            self::body(3, 'C'),
            self::lens(11, '24–70', 24, 70, 2.8),
            self::lens(12, '70–200', 70, 200, 2.8),
            self::lens(13, '35', 35, 35, 1.8),
            self::lens(14, '85', 85, 85, 1.8),
            ...self::cells(30, 6),
            ...self::cards(50, 6),
            self::gear(82, 'Drive 1', GearKind::Drive),
            self::gear(83, 'Drive 2', GearKind::Drive),
            self::gear(84, 'Reader', GearKind::Reader),
        ];
        $lanes = KitLanes::of($gear, $day);
        $with = static fn (string $lane): array => array_values(
            array_map(static fn (Gear $g): string => $g->label, array_filter($gear, static fn (Gear $g): bool => $lanes[$g->id] === $lane)),
        );
        $this->assertSame(
            ['C', '35', '85', 'Cell 4', 'Cell 5', 'Cell 6', 'Card 5', 'Card 6', 'Drive 2'],
            $with('second'),
            'primes, half the cells by frames, a pair of cards, a drive of their own',
        );
        $this->assertContains('24–70', $with('lead'));
        $this->assertContains('Reader', $with('lead'));
        $this->assertCount(count($gear), $lanes);
        $short = [self::body(1, 'A'), self::lens(11, '24–70', 24, 70, 2.8)];
        $this->assertSame([1 => 'lead', 11 => 'lead'], KitLanes::of($short, $day), 'the only one stays with the lead');
        $alone = KitLanes::of($gear, [$day[0]]);
        $this->assertSame(['lead'], array_values(array_unique($alone)));
    }

    /** Nobody has typed a focal length: the second is to have what such scenes usually want all the same, and what feeds the flash stays with it. */
    public function test_who_shoots_has_a_lens_and_cells_of_their_own(): void
    {
        $usual = static fn (int $id, string $title, string $lane): PlannedStretch => new PlannedStretch(
            $id, $title, [$lane], 0, 3600, '09:00', 1, Priority::Must, 12.0, [PlannedShot::usual(100)],
        );
        $day = [$usual(1, 'Getting ready', 'lead'), $usual(2, 'Living room', 'second'), $usual(3, 'Drinks', 'second')];
        $gear = [
            self::body(1, 'A'),
            self::body(2, 'B'),
            self::lens(11, '24–70', 24, 70, 2.8),
            self::lens(12, '70–200', 70, 200, 2.8),
            self::lens(13, '35', 35, 35, 1.8),
            ...self::cells(30, 3),
            self::gear(60, 'Flash cell', GearKind::Cell, ['cell_type' => 'FL-9']),
        ];
        $lanes = KitLanes::of($gear, $day);
        $this->assertSame('second', $lanes[11], 'only it gives the wide one, and the lead has the 35');
        $this->assertSame(['lead', 'lead'], [$lanes[12], $lanes[13]]);
        $this->assertSame(['lead', 'second', 'second'], [$lanes[30], $lanes[31], $lanes[32]], 'by frames: two thirds are hers');
        $this->assertSame('lead', $lanes[60], 'where the flash is');
        $few = KitLanes::of(
            [...array_slice($gear, 0, 5), ...self::cells(30, 2)],
            [$usual(1, 'Getting ready', 'lead'), $usual(2, 'Drinks', 'second')],
        );
        $this->assertSame(['lead', 'second'], [$few[30], $few[31]]);
        $this->assertSame('second', $few[13], 'a prime first');
    }

    public function test_the_zoom_stays_with_who_has_nothing_else(): void
    {
        $day = [
            self::stretch(1, 'Hers', 9, 60, [['wide', 'must', 100, 24]]),
            self::stretch(2, 'His', 12, 60, [['close', 'must', 150, 35]], ['second']),
        ];
        $gear = [self::body(1, 'A'), self::body(2, 'B'), self::lens(11, '24–70', 24, 70, 2.8)];
        $this->assertSame('lead', KitLanes::of($gear, $day)[11]);
        $this->assertSame(
            'second',
            KitLanes::of([...$gear, self::lens(12, '24', 24, 24, 2.8)], $day)[11],
            'the lead has a lens for 24 mm of their own',
        );
    }

    public function test_a_proposal_says_what_it_is(): void
    {
        $work = new PlannedWork(
            PlanNeeds::of(
                [self::stretch(1, 'Vows', 14, 30, [['a', 'must', 60, 35]])],
                [new Ask(1, NeedWhat::Ladder, 1, Priority::Nice)],
                5.0,
            ),
            ['lead' => 60],
            new FlashWork(),
            5.0,
            20.0,
        );
        $this->assertSame(['lead' => 1], $work->bodiesByLane($work->needs));
        $kit = KitProposal::of(
            [
                self::body(1, 'A'),
                self::lens(11, '35', 35, 35, 1.8),
                ...self::cells(30, 2),
                ...self::cards(50, 3),
                self::gear(80, 'Reader', GearKind::Reader),
            ],
            $work,
        );
        $said = array_map(static fn (Verdict $v): string => $v->finding, $kit->verdicts());
        $this->assertContains('Hire or borrow a body.', $said);
        $this->assertContains('Hire or borrow a lens that gives 35 mm at f/7.1.', $said);
        $this->assertContains('Hire or borrow 2 drives.', $said);
        $this->assertContains('Hire or borrow a ladder.', $said);
        $this->assertContains('8 things, 1.6 kg.', $said);
        $this->assertContainsEquals(
            new ProposedLine(labels: 'Card 1, Card 2, Card 3', grams: 9, why: '2 cards of 128 GB, and the spare'),
            $kit->lines(),
        );
        foreach (KitSchool::cases() as $school) {
            $this->assertNotSame('', $school->label().$school->says());
        }
        $this->assertGreaterThan(1.0, KitSchool::Primes->times(self::lens(1, 'zoom', 24, 70, 2.8)));
        $this->assertSame(1.0, KitSchool::Primes->times(self::body(1, 'A')));
    }

    /** Exposure guides after ANSI PH2.7, from memory; beside a window 9 to 10 is common practice, no source. */
    public function test_the_light_that_is_expected(): void
    {
        $this->assertSame(Scene::WindowSide->ev100(), AmbientForecast::of(false, true, 20.0));
        $this->assertSame(Scene::BrightInterior->ev100(), AmbientForecast::of(false, false, 20.0));
        $this->assertSame(Scene::DimInterior->ev100(), AmbientForecast::of(false, true, -3.0), 'a window gives nothing at night');
        $this->assertSame(ClearSky::shadeEv100(25.0), AmbientForecast::of(true, false, 25.0));
        $this->assertSame(3.0, AmbientForecast::of(true, false, -30.0), 'lamps and candles');
        $this->assertSame(Scene::OpenShade->ev100(), AmbientForecast::of(true, false, null));
    }

    public function test_the_flash_judge(): void
    {
        $codes = static fn (FlashPlan $plan, Evenness $even, int $frames = 100): array => array_map(
            static fn (Verdict $v): string => "{$v->severity->value} {$v->code}",
            FlashJudge::of($plan, $even, 1.0, $frames),
        );
        $gun = new FlashGun('Head', 60, 1.2, 300);
        $this->assertSame(
            ['fine flash.sync', 'mind flash.power', 'fine flash.even'],
            $codes(new FlashPlan($gun, 8, 1, 5.6, 100, 1 / 250, 3), Evenness::of(6, 6.5)),
        );
        $this->assertSame(
            ['fix flash.sync', 'mind flash.power', 'fix flash.uneven'],
            $codes(new FlashPlan($gun, 15, 2, 5.6, 100, 1 / 250, 2), Evenness::of(2, 3)),
        );
        $this->assertSame(
            ['fine flash.sync', 'fix flash.weak', 'fine flash.even'],
            $codes(new FlashPlan($gun, 8, 0, 16, 100, 1 / 60, 9), Evenness::of(9, 9)),
        );
        $power = FlashJudge::of(new FlashPlan($gun, 8, 1, 5.6, 100, 1 / 250, 10), Evenness::of(6, 6.5), 0.5, 700)[1];
        // f/5.6 at 10 m asks 56 of 60: 0.87 of the power, so full, 300 pops a charge.
        $this->assertSame(3, $power->figures['charges'] ?? null);
        $this->assertStringContainsString('photosensitive epilepsy', $power->because);
    }

    /** Guide number 60 at full power from 3 m is f/20 at ISO 100; at 1/64 six stops less, f/2.5 (ISO 1230). */
    public function test_a_second_light_that_brings_nothing_is_found(): void
    {
        $at = static fn (FlashPower $power, float $f, float $m = 3.0): SecondLight => SecondLight::of('Rim', 60, $power, $m, $f, 100, 1 / 200);
        $this->assertSame([0.0, -2.3], [$at(FlashPower::Full, 20)->stops, $at(FlashPower::SixtyFourth, 5.6)->stops]);
        $faint = $at(FlashPower::SixtyFourth, 8);
        $this->assertSame(-3.4, $faint->stops);
        $this->assertSame('The second light brings nothing.', $faint->verdict()->finding);
        $this->assertStringContainsString('switch it off and save its charge', $faint->verdict()->because);
        $this->assertStringContainsString('shows: 1 stops under', $at(FlashPower::Half, 20)->verdict()->finding);
        $this->assertStringContainsString('burns: 3.7 stops over', $at(FlashPower::Full, 5.6)->verdict()->finding);
    }

    /** 2 ** -0.1 of a stop is 1/268 s at a sync speed of 1/250 s. */
    public function test_a_tenth_of_a_stop_short_of_the_sync_speed_syncs(): void
    {
        $gun = new FlashGun('Head', 60);
        // f/5.6 at ISO 100: EV 12.93 wants 1/250 s.
        $at = static fn (float $ev): FlashPlan => new FlashPlan($gun, $ev, 0, 5.6, 100, 1 / 250, 3);
        $exact = log(5.6 ** 2 * 250, 2);
        $this->assertSame([false, 1 / 250], [$at($exact + 0.09)->breaksSync, $at($exact + 0.09)->shutterS]);
        $this->assertTrue($at($exact + 0.11)->breaksSync);
        $this->assertFalse($at($exact - 0.2)->breaksSync);
        $this->assertGreaterThan(1 / 250, $at($exact - 0.2)->shutterS);
    }

    public function test_a_light_that_would_stand_in_the_picture_is_told(): void
    {
        $plan = new FlashPlan(new FlashGun('Head', 60), 8, 1, 5.6, 100, 1 / 250, 1.5);
        $last = static fn (float $lightM): Verdict => array_reverse(
            FlashJudge::of($plan, Evenness::of(6, 6.5), 0.5, 100, FrameEdge::beside(50, 36, 4.0, $lightM, 0.9)),
        )[0];
        $this->assertSame(['fix', 'flash.in-frame'], [$last(1.5)->severity->value, $last(1.5)->code]);
        $this->assertSame(2.0, $last(1.5)->figures['least_m'] ?? null);
        $this->assertSame('flash.even', $last(2.0)->code, 'at what was said it is out');
    }

    public function test_the_light_is_drawn_outside_the_frame(): void
    {
        $edge = FrameEdge::beside(50, 36, 4.0, 2.5, 0.6);
        $drawing = new LightDrawing(4.0, 2.88, $edge, 0.7);
        $points = array_map(static fn (string $p): array => array_map(floatval(...), explode(',', $p)), explode(' ', $drawing->frame()));
        [$camera, , $right] = $points;
        $light = $drawing->light();
        $share = ($camera[1] - $light->y) / ($camera[1] - $right[1]);
        $this->assertGreaterThan($camera[0] + $share * ($right[0] - $camera[0]), $light->x, 'to the right of the edge at its height');
        $this->assertEquals(new Point($camera[0], $camera[1]), $drawing->camera());
        $this->assertSame(6, count($drawing->people()), 'two rows of three');
        $this->assertSame(3, count((new LightDrawing(4.0, 2.88, $edge))->people()));
        foreach ([...$points, [$light->x, $light->y]] as [$x, $y]) {
            $this->assertTrue($x >= 0 && $x <= LightDrawing::WIDTH && $y >= 0 && $y <= LightDrawing::HEIGHT, "{$x} {$y}");
        }
    }
}
