<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\CallLine;
use NorthSatchel\Day\CallTable;
use NorthSatchel\Day\CellTaps;
use NorthSatchel\Day\LightRow;
use NorthSatchel\Kit\BodyCharge;
use NorthSatchel\Kit\Carried;
use NorthSatchel\Kit\Shelf\Gear;
use NorthSatchel\Kit\Shelf\GearKind;
use NorthSatchel\People\CallState;
use NorthSatchel\People\Family;
use NorthSatchel\People\FamilyGroup;
use NorthSatchel\People\FamilyLine;
use NorthSatchel\People\FamilyText;
use NorthSatchel\People\StandTime;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Taps\TapLog;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** Hands, glass and people, as the phone has them at hand. */
final class AtHandTest extends TestCase
{
    public function test_a_new_cell_counts_from_its_tap_and_is_taken_back_by_the_next(): void
    {
        $tap = static fn (string $id, TapKind $kind, int $at, int $body): Tap => new Tap($id, $kind, (float) $at, ['body' => $body]);
        $taps = [
            $tap('a', TapKind::NewCell, 100, 1),
            $tap('b', TapKind::NewCell, 200, 1),
            $tap('c', TapKind::OldCell, 210, 1),
            $tap('d', TapKind::NewCell, 300, 2),
            $tap('e', TapKind::OldCell, 310, 3),
        ];
        $this->assertSame([1 => [100.0], 2 => [300.0]], CellTaps::of($taps));
        $this->assertSame([1 => [100.0]], CellTaps::of([...array_slice($taps, 0, 3), $tap('f', TapKind::OldCell, 400, 2)]));
    }

    /** 0.8 of a charge is left at 0 °C (common practice), and 15 % of that stay back: 0.68 of 400 frames and of 20 hours. */
    public function test_a_charge_in_the_cold_and_the_cells_beside_it(): void
    {
        $body = static fn (int $id, string $lane): Carried => new Carried(
            new Gear($id, "Body {$id}", GearKind::Body, ['frames_per_charge' => 400, 'standby_hours_per_charge' => 20, 'cell_type' => 'NS-1']),
            $lane,
        );
        $cell = static fn (int $id, string $lane, string $type = 'NS-1'): Carried => new Carried(
            new Gear($id, "Cell {$id}", GearKind::Cell, ['cell_type' => $type]),
            $lane,
        );
        $charges = BodyCharge::of([$body(1, 'lead'), $body(2, 'second'), $cell(3, 'lead'), $cell(4, 'lead'), $cell(5, 'lead', 'NS-2')], 0);
        $this->assertSame([272, 13.6, 1], [$charges[1]->frames, $charges[1]->hours, $charges[1]->spares], 'one of the two is in the body');
        $this->assertSame(0, $charges[2]->spares, 'what the lead carries is not at the hand of the second');
        $unknown = BodyCharge::of([new Carried(new Gear(1, 'Old body', GearKind::Body), 'lead'), $cell(2, 'lead')], 20);
        $this->assertSame([425, 0], [$unknown[1]->frames, $unknown[1]->spares], 'a kind that nobody typed has no spare that is known to fit');
    }

    public function test_around_who_is_missing_the_others_come_first(): void
    {
        $family = new Family(FamilyText::read(array_map(
            static fn (array $line): FamilyLine => new FamilyLine(name: $line[0], text: $line[1]),
            [['Ada', 'bride'], ['Bo', 'groom'], ['Cleo', 'sister of Ada'], ['Dag', 'brother of Bo']],
        )));
        $group = static fn (string $title, string ...$people): FamilyGroup => new FamilyGroup($title, $people, Priority::Should);
        $groups = [
            10 => $group('All', 'Ada', 'Bo', 'Cleo', 'Dag'),
            11 => $group('Cleo', 'Ada', 'Bo', 'Cleo'),
            12 => $group('Dag', 'Ada', 'Bo', 'Dag'),
            13 => $group('The two', 'Ada', 'Bo'),
        ];
        $table = CallTable::of($groups, $family, ['Cleo' => [$groups[13], $groups[12]]], ['Ada' => 1, 'Bo' => 2, 'Cleo' => 3, 'Dag' => 4], true);
        $this->assertSame([3 => [13, 12, 10, 11], 4 => [11, 13, 10, 12]], $table->around, 'as worked out; else as they are called');
        $this->assertSame([1, 2, 3], $table->lines[1]->people);
        $this->assertSame([1 => 'Ada', 2 => 'Bo', 3 => 'Cleo', 4 => 'Dag'], $table->names);
        $empty = json_encode(CallTable::of([], $family, [], [], true));
        foreach ([true, false] as $isGathered) {
            $minutes = array_map(static fn (CallLine $l): float => $l->minutes, CallTable::of($groups, $family, [], [], $isGathered)->lines);
            $whole = (new StandTime(array_values($groups), $family, $isGathered))->totalMinutes;
            $this->assertEqualsWithDelta($whole, array_sum($minutes), 1e-9, 'the minutes of the page of the groups');
        }
        $this->assertSame('{"lines":[],"names":{},"around":{},"inNone":["Cleo","Dag"]}', $empty, 'a list would lose the ids');
    }

    public function test_what_was_called_follows_from_the_taps(): void
    {
        $tap = static fn (string $id, TapKind $kind, int $at, array $on): Tap => new Tap($id, $kind, (float) $at, $on);
        $state = new CallState(TapLog::of([
            $tap('a', TapKind::Found, 1, ['person' => 3]),
            $tap('b', TapKind::Found, 2, ['person' => 4]),
            $tap('c', TapKind::Lost, 3, ['person' => 3]),
            $tap('d', TapKind::Shot, 4, ['group' => 10]),
            $tap('e', TapKind::Later, 5, ['group' => 11]),
        ]));
        $this->assertSame([[4], [10], [11]], [$state->found, $state->shot, $state->later]);
        $this->assertSame([10 => [4]], $state->there, 'Cleo was lost before it was shot');
    }

    /** At noon in June at 48° north the sun stands south and 65° high; at seven in the evening (CEST) in the west-north-west, below 25°. */
    public function test_who_looks_into_a_low_sun_squints(): void
    {
        $place = GeoPoint::of(48.2, 16.37);
        $at = static fn (string $clock): int => (new \DateTimeImmutable("2027-06-12 {$clock}", new \DateTimeZone('Europe/Vienna')))->getTimestamp();
        $spot = static fn (float $facing): Spot => new Spot(1, 'Terrace', null, $facing, false, [], Skyline::read(''));
        $row = static fn (Spot $spot, string $clock, bool $isOutdoor = true): LightRow => LightRow::rows(
            $spot, $isOutdoor, $place, 'Groups', false, $at($clock), $at($clock),
        )[0];
        $this->assertTrue($row($spot(280.0), '19:00')->isSquinting);
        $this->assertFalse($row($spot(100.0), '19:00')->isSquinting, 'the sun is behind them');
        $this->assertFalse($row($spot(180.0), '13:00')->isSquinting, 'high above the brow');
        $this->assertFalse($row($spot(280.0), '22:30')->isSquinting, 'it is down');
        $this->assertFalse($row($spot(280.0), '19:00', false)->isSquinting);
        $ridge = new Spot(1, 'Terrace', null, 280.0, false, [], Skyline::read("200 0\n240 40\n320 40\n340 0"));
        $this->assertSame([Spot::LAND, false], [$row($ridge, '19:00')->shade, $row($ridge, '19:00')->isSquinting]);
        $this->assertSame([null, null], [$row($ridge, '13:00')->shade, $row($ridge, '22:30')->shade], 'above it, and at night');
    }
}
