<?php

declare(strict_types=1);

namespace Tests\Core\Kit;

use NorthSatchel\Exposure\Bracket;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Kit\Rooms\FrontSun;
use NorthSatchel\Kit\Rooms\HouseOrder;
use NorthSatchel\Kit\Rooms\Room;
use NorthSatchel\Kit\Rooms\RoomShot;
use NorthSatchel\Kit\Rooms\RoomsJudge;
use NorthSatchel\Kit\Rooms\RoomText;
use NorthSatchel\Kit\Rooms\RoomTurn;
use NorthSatchel\Kit\Rooms\SunTime;
use NorthSatchel\Sky\GeoPoint;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Rooms and fronts of a house: lens, bracket, sun. */
final class RoomsTest extends TestCase
{
    public function test_rooms_are_read(): void
    {
        [$kitchen, $front] = RoomText::read("Kitchen, 4.2 × 3.1 m, ×2, window EV 13, room EV 7, lamps\nStreet front, faces SE, 20 min");
        $this->assertEquals(new Room('Kitchen', 4.2, 3.1, 2, 13.0, 7.0, true), $kitchen);
        $this->assertSame([135.0, 20, 16], [$front->facesDeg, $front->takes(), $kitchen->takes()]);
        $this->assertSame(190.0, RoomText::read('Back, faces 190°')[0]->facesDeg);
        $this->assertSame(3.1, RoomText::read('Bath, 2 m x 3.1 m')[0]->lengthM);
    }

    /** @return iterable<string, array{string, string}> */
    public static function bad(): iterable
    {
        yield 'twice' => ["A\na", 'line 2'];
        yield 'not understood' => ['A, cosy', 'not understood'];
        yield 'no such bearing' => ['A, faces 361°', 'not understood'];
        yield 'no room for a camera' => ['A, 0.5 × 2 m', 'too small'];
        yield 'darker outside' => ['A, window EV 5, room EV 7', 'darker than the room'];
    }

    #[DataProvider('bad')]
    public function test_a_bad_line_is_named(string $text, string $says): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage($says);
        RoomText::read($text);
    }

    /** Six stops from the room to its window: two between frames make four, and an odd number around the middle five, a third less apart. */
    public function test_the_bracket_takes_in_both_ends(): void
    {
        $six = Bracket::of(13, 7);
        $this->assertSame('5 frames, 1.7 stops apart', $six->says());
        $this->assertSame('3 frames, 2 stops apart', Bracket::of(11, 7)->says());
        $this->assertSame('3 frames, 0.3 stops apart', Bracket::of(7, 7)->says());
        for ($range = 0.0; $range <= 14; $range += 0.25) {
            $bracket = Bracket::of(5 + $range, 5);
            $this->assertGreaterThanOrEqual(5 + $range - 1e-6, $bracket->evs[0]);
            $this->assertLessThanOrEqual(5 + 1e-6, min($bracket->evs));
            $this->assertTrue($bracket->frames % 2 === 1 && $bracket->step <= 2.0 + 1e-9);
        }
        $this->expectException(ImpossibleValue::class);
        Bracket::of(5, 7);
    }

    /**
     * A square room from a corner 0.3 m out of it: between the far corners beside the camera lie 90° + 2·arctan(0.3 ÷ 3.7) = 99.3°, that is
     * 15.3 mm on 36 mm.
     */
    public function test_the_lens_that_takes_in_a_room(): void
    {
        $room = RoomText::read('Hall, 4 × 4 m')[0];
        $this->assertEqualsWithDelta(99.3, (float) (new RoomShot($room, 16))->fit?->fromCornerDeg, 0.05);
        $this->assertEqualsWithDelta(15.3, (float) (new RoomShot($room, 16))->fit?->focalForCornerMm, 0.05);
        $this->assertFalse((new RoomShot($room, 16))->isWhole());
        $this->assertTrue((new RoomShot($room, 15))->isWhole());
        $this->assertStringContainsString('15.3 mm would do', (new RoomShot($room, 20))->says());
        $this->assertNull((new RoomShot($room, null))->isWhole());
        $this->assertSame('its size is not typed', (new RoomShot(new Room('Loft'), 16))->says());
        $this->assertMatchesRegularExpression('#^f/(8|11), focus 1\.\d m$#', (new RoomShot($room, 16))->focusSays());
    }

    /** At 48° north on 21 June the sun is due south at noon (13:00 in summer time at 15° east); a south front has it hours before and after. */
    public function test_when_the_sun_is_on_a_front(): void
    {
        $place = GeoPoint::of(48.0, 15.0);
        $midnight = (new \DateTimeImmutable('2027-06-21 00:00', new \DateTimeZone('Europe/Vienna')))->getTimestamp();
        $of = static fn (float $faces): ?SunTime => FrontSun::of($place, $faces, $midnight, $midnight + 86400);
        $south = $of(180);
        $this->assertEqualsWithDelta(13 * 60, ($south?->from + $south?->to) / 2, 5);
        $this->assertLessThan(13 * 60, (int) $of(90)?->to, 'an east front in the morning');
        $this->assertGreaterThan(13 * 60, (int) $of(270)?->from);
        $north = $of(0);
        $this->assertTrue($north === null || $north->to < 10 * 60 || $north->from > 17 * 60, 'a north front only early or late in June');
        $winter = (new \DateTimeImmutable('2027-12-21 00:00', new \DateTimeZone('Europe/Vienna')))->getTimestamp();
        $this->assertNull(FrontSun::of($place, 0, $winter, $winter + 86400));
    }

    public function test_a_front_is_put_where_its_sun_is(): void
    {
        $rooms = RoomText::read("Front, faces S, 10 min\nA, 4 × 4 m, 30 min\nB, 4 × 4 m, 30 min");
        $shots = array_map(static fn (Room $r): RoomShot => new RoomShot($r, 15), $rooms);
        $name = static fn (RoomTurn $t): string => "{$t->shot->room->name} {$t->hours()}";
        $names = static fn (array $turns): string => implode(' ', array_map($name, $turns));
        $this->assertSame('A 09:00–09:30 Front 09:30–09:40 B 09:40–10:10', $names(HouseOrder::of($shots, [new SunTime(565, 590), null, null], 540)));
        $never = HouseOrder::of($shots, [new SunTime(900, 990), null, null], 540);
        $this->assertSame('Front 09:00–09:10 A 09:10–09:40 B 09:40–10:10', $names($never), 'nowhere: as typed');
        $this->assertSame('Front 09:00–09:10 A 09:10–09:40 B 09:40–10:10', $names(HouseOrder::of($shots, [null, null, null], 540)));
    }

    public function test_rooms_and_elements_share_no_hours(): void
    {
        $shots = array_map(static fn (Room $r): RoomShot => new RoomShot($r, 15.0), RoomText::read("A, 4 × 4 m, 10 min\nB, 4 × 4 m, 20 min"));
        $turns = HouseOrder::of($shots, [null, null], 540);
        $said = static fn (int $from, int $to): ?string => RoomsJudge::sameHours($turns, $from, $to)?->finding;
        $this->assertNull($said(570, 600), 'one after the other');
        $this->assertNull($said(500, 540));
        $this->assertSame('B is taken while elements are.', $said(550, 560));
        $this->assertSame('2 rooms and fronts are taken while elements are.', $said(549, 551));
        $this->assertNull(RoomsJudge::sameHours([], 0, 1000));
    }

    public function test_it_fits_or_it_says_where_not(): void
    {
        $codes = static function (string $text, ?SunTime $sun, int $ends = 700, ?float $widest = 15): array {
            $shots = array_map(static fn (Room $r): RoomShot => new RoomShot($r, $widest), RoomText::read($text));
            $suns = array_map(static fn (RoomShot $s): ?SunTime => $s->room->facesDeg === null ? null : $sun, $shots);

            return array_map(static fn ($v): string => $v->code, iterator_to_array(RoomsJudge::of(HouseOrder::of($shots, $suns, 540), $ends), false));
        };
        $sun = new SunTime(540, 700);
        $house = "A, 4 × 4 m\nFront, faces S";
        $this->assertSame(['rooms.fit'], $codes($house, $sun));
        $this->assertSame(['rooms.corner'], $codes($house, $sun, 700, 20.0));
        $this->assertSame(['rooms.no-lens'], $codes($house, $sun, 700, null));
        $this->assertSame(['rooms.front'], $codes($house, null));
        $this->assertSame(['rooms.front'], $codes($house, new SunTime(800, 900)));
        $this->assertSame(['rooms.late'], $codes($house, $sun, 555));
        $this->assertSame(['rooms.unmeasured'], $codes("A\nFront, faces S", $sun), 'of what nobody measured nothing fits');
        $this->assertSame([], $codes('', $sun));
    }

    public function test_what_is_said_of_fronts_and_of_the_end(): void
    {
        $said = static function (string $text, ?SunTime $sun, int $ends): array {
            $shots = array_map(static fn (Room $r): RoomShot => new RoomShot($r, 15), RoomText::read($text));
            $suns = array_map(static fn (RoomShot $s): ?SunTime => $s->room->facesDeg === null ? null : $sun, $shots);

            return array_map(
                static fn ($v): string => "{$v->finding} {$v->because}",
                iterator_to_array(RoomsJudge::of(HouseOrder::of($shots, $suns, 540), $ends), false),
            );
        };
        $this->assertSame(
            ['Front has no sun that day. Take it under an even sky, or at dusk with the lamps on.'],
            $said('Front, faces N, 10 min', null, 700),
        );
        $this->assertSame(
            ['Front is taken while the sun is not on it. Sun on it 13:20 to 15:00, and it is taken 09:00–09:10: '.
                'begin at another hour, or come back.'],
            $said('Front, faces W, 10 min', new SunTime(800, 900), 700),
        );
        $this->assertSame(
            ['The house is over at 09:10: 1 min too late. 1 room or front from 09:00. Fewer pictures, or more hours.'],
            $said('Front, faces S, 10 min', new SunTime(500, 900), 549),
        );
        $this->assertStringEndsWith(', over at 09:10 of 09:10.', $said('Front, faces S, 10 min', new SunTime(500, 900), 550)[0]);
        // The sun must be there from the first minute to the last.
        $this->assertStringStartsWith('The house fits', $said('Front, faces S, 10 min', new SunTime(540, 550), 700)[0]);
        $this->assertStringStartsWith('Front is taken while', $said('Front, faces S, 10 min', new SunTime(541, 550), 700)[0]);
        $this->assertStringStartsWith('Front is taken while', $said('Front, faces S, 10 min', new SunTime(540, 549), 700)[0]);
    }
}
