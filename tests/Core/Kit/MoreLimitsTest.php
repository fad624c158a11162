<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Cards\Look;
use NorthSatchel\Copies\Pace;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\BatteryBudget;
use NorthSatchel\Kit\CardBudget;
use NorthSatchel\Kit\Judge\LossReport;
use NorthSatchel\Kit\Judge\PersonLoss;
use NorthSatchel\Kit\Needs\DealtBodies;
use NorthSatchel\Kit\Needs\FlashWork;
use NorthSatchel\Kit\Needs\LoneWork;
use NorthSatchel\Kit\Needs\Need;
use NorthSatchel\Kit\Needs\NeedWhat;
use NorthSatchel\Kit\Needs\PlannedShot;
use NorthSatchel\Kit\Needs\PlannedStretch;
use NorthSatchel\Kit\Needs\PlanNeeds;
use NorthSatchel\Kit\Needs\SceneLights;
use NorthSatchel\Kit\Needs\SendNeeds;
use NorthSatchel\Kit\Needs\SetupNeeds;
use NorthSatchel\Kit\Remote\RemoteBody;
use NorthSatchel\Kit\Remote\RemotePlan;
use NorthSatchel\Kit\Remote\RemoteRounds;
use NorthSatchel\Kit\RemoteWork;
use NorthSatchel\Kit\Rooms\FrontSun;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\SaveMode;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\Kit\Station\Station;
use NorthSatchel\Plan\Lights\LightsText;
use NorthSatchel\Plan\Lights\MarksJudge;
use NorthSatchel\Plan\Lights\PieceDifference;
use NorthSatchel\Plan\Lights\SetKind;
use NorthSatchel\Plan\Lights\SetPiece;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** More that is just so, or just not. */
final class MoreLimitsTest extends TestCase
{
    /** @param  list<string>  $lanes */
    private static function stretch(int $id, int $from, int $to, array $lanes): PlannedStretch
    {
        return new PlannedStretch($id, "Part {$id}", $lanes, $from, $to, '10:00', 1, Priority::Must, 12.0, [new PlannedShot('x', Priority::Must, 9)]);
    }

    public function test_one_must_is_said_of_one(): void
    {
        $need = static fn (int $count, string $what): Need => new Need(
            $what, NeedWhat::Reach, $count, Priority::Must, false, 'a lens', 'x.', [], ['focal_mm' => 50.0],
        );
        $lens = static fn (int $id): Gear => new Gear($id, "Lens {$id}", GearKind::Lens, ['focal_min_mm' => 24, 'focal_max_mm' => 70]);
        $body = static fn (int $id): Gear => new Gear($id, "Body {$id}", GearKind::Body);
        $said = static fn (Need ...$needs): string => implode(' ', array_map(
            static fn (Verdict $v): string => $v->code === 'kit.survives' ? $v->because : '',
            (new LossReport([$lens(1), $lens(2), $lens(3), $body(4), $body(5), $body(6)], [], array_values($needs)))->verdicts(),
        ));
        $this->assertStringContainsString('6 things taken out in turn: the one must is still met.', $said($need(1, 'a')));
        $this->assertStringContainsString('all 2 musts are still met.', $said($need(1, 'a'), $need(1, 'b')));
    }

    public function test_what_begins_as_another_ends_is_not_at_the_same_time(): void
    {
        $found = static fn (int $from): string => PersonLoss::of([
            self::stretch(1, 0, 3600, ['lead']), self::stretch(2, $from, 9000, ['second']),
        ])[0]->because;
        $this->assertStringContainsString('Nobody else has a must during “Part 1”', $found(3600));
        $this->assertStringNotContainsString('Nobody else has a must during “Part 1”', $found(3599));
    }

    /** Common practice, no source: full at 20 °C, four fifths at 0, half at −20, straight between. */
    public function test_a_cell_in_the_cold(): void
    {
        foreach ([30 => 1.0, 20 => 1.0, 10 => 0.9, 0 => 0.8, -10 => 0.65, -20 => 0.5, -40 => 0.5] as $degrees => $share) {
            $this->assertEqualsWithDelta($share, BatteryBudget::derate((float) $degrees), 1e-9, "{$degrees} °C");
        }
    }

    public function test_half_a_megabyte_of_raw_fills_its_card_too(): void
    {
        // 8 GB of half a megabyte are 16,000; the other slot takes more.
        $this->assertSame(16_000, CardBudget::of(10, 0.5, 0.1, SaveMode::Split, [8.0, 64.0])->framesPerSet);
    }

    public function test_a_front_that_has_sun_to_the_days_end(): void
    {
        $place = GeoPoint::of(48.0, 15.0);
        $noon = (new \DateTimeImmutable('2027-06-21 12:00', new \DateTimeZone('Europe/Vienna')))->getTimestamp();
        $sun = FrontSun::of($place, 180, $noon, $noon + 3600);
        $this->assertSame([0, 60], [$sun?->from, $sun?->to], 'all of that hour');
        $this->assertSame(55, FrontSun::of($place, 180, $noon, $noon + 3599)?->to, 'to five minutes');
    }

    public function test_a_cupboard_is_a_room(): void
    {
        $this->assertSame([0.8, 0.8], [RoomText::read('Pantry, 0.8 × 0.8 m')[0]->widthM, RoomText::read('Pantry, 0.8 × 0.8 m')[0]->lengthM]);
        foreach (['Pantry, 0.7 × 0.8 m', 'Pantry, 0.8 × 0.7 m'] as $small) {
            try {
                RoomText::read($small);
                $this->fail($small);
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString('too small for a camera', $e->must);
            }
        }
    }

    public function test_the_second_drive_has_its_own_rate_and_the_third_is_its_spare(): void
    {
        $drive = static fn (int $id, int $rate): Gear => new Gear($id, "Drive {$id}", GearKind::Drive, ['write_mb_s' => $rate]);
        $second = static function (Gear ...$drives): array {
            $links = array_filter((new Station(array_values($drives), 60.0))->links, static fn ($l): bool => $l->role === 'second drive');
            $link = array_values($links)[0];

            return [$link->gear?->label, $link->rateMbS, $link->spares];
        };
        $this->assertSame(['Drive 2', 200.0, 0], $second($drive(1, 100), $drive(2, 200)));
        $this->assertSame(['Drive 2', 200.0, 1], $second($drive(1, 100), $drive(2, 200), $drive(3, 300)));
        $this->assertSame([null, null, 0], $second($drive(1, 100)));
    }

    public function test_the_sun_is_up_above_the_horizon_and_down_on_it(): void
    {
        $body = new RemoteBody(rawMb: 50.0, jpegMb: 10.0, framesPerCharge: 600.0, standbyHours: 40.0, cardGb: 128.0);
        $said = static fn (float $high): string => (new RemotePlan(
            new SunPosition(30.0, 90.0), new SunPosition($high, 90.0), 250.0, 4.0, 100, $body, 12.0,
        ))->verdicts()[1]->finding;
        $this->assertSame('The sun stands clear of its lens.', $said(0.5));
        $this->assertSame('The sun is down while it fires.', $said(0.0));
    }

    public function test_ten_hours_of_a_walk_are_the_most(): void
    {
        $day = LocalDay::of('2027-06-12', 'Europe/Vienna');
        $of = static fn (float $walk): RemoteRounds => new RemoteRounds([], 'lead', 50_000, 90_000, 93_600, $walk, 20.0, 10.0, $day);
        $this->assertSame(600.0, $of(600.0)->walkMin);
        $this->expectException(ImpossibleValue::class);
        $of(600.1);
    }

    public function test_differences_that_are_just_worth_a_word(): void
    {
        $at = static fn (float $m): SetPiece => new SetPiece('Key', SetKind::Light, $m);
        $this->assertSame('0.04 m away', (new PieceDifference($at(0.04), $at(0.02), 1.0, 1.0))->remedy(1.0));
        $this->assertSame('', (new PieceDifference($at(0.03), $at(0.02), 1.0, 1.0))->remedy(1.0));
        $power = static fn (float $share): SetPiece => new SetPiece('Key', SetKind::Light, 1.0, power: $share, energyWs: 400.0);
        $this->assertSame('1.0 stops more power', (new PieceDifference($power(0.5), $power(0.25), 1.0, 1.0))->remedy(1.0));
        $this->assertSame('1.0 stops less power', (new PieceDifference($power(0.25), $power(0.5), 1.0, 1.0))->remedy(1.0));
    }

    public function test_the_strongest_light_is_the_key_where_none_is_called_so(): void
    {
        $key = static fn (string $lights): ?string => LightsText::read($lights)[0]->key()?->name;
        $this->assertSame('Window', $key("A\n  Lamp, 2 m, 1/8 power, 400 Ws\n  Window, 2 m, 1/2 power, 400 Ws\n  Candle, 1 m"));
        $this->assertSame('Window', $key("A\n  Candle, 1 m\n  Window, 2 m, 1/2 power, 400 Ws\n  Lamp, 2 m, 1/8 power, 400 Ws"));
        $this->assertSame('Lamp', $key("A\n  Lamp, 2 m, 1/2 power, 400 Ws\n  Window, 2 m, 1/2 power, 400 Ws"), 'of two alike the first');
    }

    public function test_one_byte_that_is_copied_is_all_of_it_and_a_look_without_numbers_saw_nothing(): void
    {
        $this->assertSame([1.0, 0.0, 0.0], [Pace::of(1, 1, 1.0)->share, Pace::of(0, 1, 1.0)->share, Pace::of(0, 0, 1.0)->share]);
        $this->assertSame(0, Look::ofRow([])->frames);
    }

    /** Marks are kept to three centimetres, three degrees (common practice, no source): just that is kept. */
    public function test_a_mark_that_is_just_kept(): void
    {
        $moved = static fn (string $marked, string $measured): array => array_map(
            static fn (Verdict $v): string => $v->code,
            (new MarksJudge(
                ['a' => LightsText::read("A\n  Subject, 1 m high\n  Key, {$marked}")[0]], LightsText::read("A\n  Key, {$measured}"),
            ))->verdicts(),
        );
        $this->assertNotContains('lights.moved', $moved('0.06 m, 40° left', '0.03 m, 40° left'), 'three centimetres');
        $this->assertContains('lights.moved', $moved('0.07 m, 40° left', '0.03 m, 40° left'));
        $this->assertNotContains('lights.moved', $moved('2 m, 40° left', '2 m, 43° left'), 'three degrees');
        $this->assertContains('lights.moved', $moved('2 m, 40° left', '2 m, 44° left'));
        $this->assertNotContains('lights.moved', $moved('2 m, 0.06 m high', '2 m, 0.03 m high'));
        $this->assertContains('lights.moved', $moved('2 m, 0.07 m high', '2 m, 0.03 m high'));
        $this->assertContains('lights.moved', $moved('2 m, 51 mm', '2 m, 50 mm'), 'another lens by a millimetre');
    }

    public function test_a_window_as_bright_as_the_room_is_read(): void
    {
        $this->assertSame(8.0, RoomText::read('Hall, 4 × 4 m, window EV 8, room EV 8')[0]->windowEv);
        $this->expectException(ImpossibleValue::class);
        RoomText::read('Hall, 4 × 4 m, window EV 7, room EV 8');
    }

    public function test_of_two_who_have_as_many_bodies_the_first_gives_one_away(): void
    {
        $body = static fn (int $id): Gear => new Gear($id, "Body {$id}", GearKind::Body, ['frames_per_charge' => 500]);
        $dealt = DealtBodies::dealt(
            ['lead' => [$body(1), $body(2)], 'second' => [$body(3), $body(4)]], ['lead' => 10, 'second' => 10], [new RemoteWork(100, 4.0)],
        );
        $this->assertSame(['Body 2'], array_map(static fn (LoneWork $w): string => $w->body->label, $dealt->alone));
    }

    public function test_a_rite_is_not_flashed_however_dark(): void
    {
        $dark = static fn (string $title): bool => SceneLights::isDark(new PlannedStretch(
            1, $title, ['lead'], 0, 3600, '22:00', 1, Priority::Must, 2.0, [new PlannedShot('x', Priority::Must, 9)],
        ));
        $this->assertSame([false, true], [$dark('Rite by the fire'), $dark('Stories by the fire')]);
    }

    public function test_what_is_sent_early_wants_something_to_send_with(): void
    {
        $this->assertSame([], SendNeeds::of([]));
        $need = SendNeeds::of(SendText::pictures("Cup ×2, by 17:30\nLine-up, by 15:10"))[0];
        $this->assertSame([NeedWhat::Computer, 1, Priority::Should], [$need->what, $need->count, $need->priority]);
        $this->assertStringStartsWith('3 pictures are wanted early, the first by 15:10: ', $need->because);
        $this->assertStringStartsWith('1 picture is wanted early', SendNeeds::of(SendText::pictures('Cup, by 17:30'))[0]->because);
    }

    public function test_what_stands_in_the_setups_is_asked_of_the_kit(): void
    {
        $setups = LightsText::read(implode("\n", [
            'Jug', '  Key, 1 m, 45° left, 60 x 90 cm softbox, boom', '  Rim, 2 m, 150° right, grid', '  Flag, 50 cm, 90° left, flag',
            'Cup', '  Key, 1 m, 30° left, bare', '  Card, 60 cm, 60° right, card', '  Black, 60 cm, 60° left, black',
        ]));
        $needs = array_column(SetupNeeds::of($setups, []), null, 'id');
        $this->assertSame(
            ['light-setups' => 2, 'trigger-setups' => 1, 'stand-setups' => 2, 'modifier-setups' => 2, 'clamp-setups' => 2],
            array_map(static fn (Need $n): int => $n->count, $needs),
        );
        $this->assertSame('“Jug” is lit by Key (softbox 60 × 90 cm), Rim (grid).', $needs['light-setups']->because);
        $this->assertStringEndsWith(' on stands, one of them a boom with its weight.', $needs['stand-setups']->because);
        $this->assertSame('“Cup” wants Card, Black held in place.', $needs['clamp-setups']->because);
        $this->assertSame([], SetupNeeds::of(LightsText::read('Jug'), []), 'a name alone asks for nothing');

        $day = [new PlannedStretch(
            1, 'First setup', ['lead'], 0, 3600, '10:00', 1, Priority::Must, null, [new PlannedShot('Jug', Priority::Must, 30, 85)],
        )];
        $ids = static fn (array $setups): array => array_values(array_filter(
            array_map(static fn (Need $n): string => $n->id, PlanNeeds::of($day, [], 4.0, 1, $setups)),
            static fn (string $id): bool => str_starts_with($id, 'light'),
        ));
        $this->assertSame(['light-scene'], $ids([]));
        $this->assertSame(['light-setups'], $ids($setups), 'with what it is lit is said there');
        $powered = LightsText::read("Jug\n  Key, 1 m, 45° left, 1/8 power\n  Rim, 2 m, 150° right, 1/2 power");
        $work = FlashWork::of($day, [], $powered);
        $flash = new Gear(1, 'Flash', GearKind::Flash);
        $this->assertSame([2, 30, 15.0], [$work->atOnce, $work->pops(), $work->fullPops($flash)], 'by the strongest of them');
        $this->assertSame([1, 7.5], [FlashWork::of($day, [])->atOnce, FlashWork::of($day, [])->fullPops($flash)]);
        $this->assertSame([2, 7.5], [FlashWork::of($day, [], $setups)->atOnce, FlashWork::of($day, [], $setups)->fullPops($flash)]);
    }
}
