<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\DayJudge;
use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LaneNow;
use NorthSatchel\Day\LivedDay;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Day\LivedShot;
use NorthSatchel\Day\TakenFrame;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The edges of a day that is lived through: to the minute, and by taps that are missing. */
final class LivedDayTest extends TestCase
{
    /** @return list<Segment> 1 at minute 10, 2 at 30, 3 at 60, of ten minutes each */
    private static function lane(int $setup = 0): array
    {
        return array_map(
            static fn (int $id, int $start): Segment => new Segment(
                $id,
                "S{$id}",
                'lead',
                60 * $start,
                10,
                Priority::Must,
                wants: new Wants(setupMinutes: $setup, alsoLanes: $id === 3 ? ['second'] : []),
            ),
            [1, 2, 3],
            [10, 30, 60],
        );
    }

    /** @param  list<array{TapKind, float, int}>  $taps  kind, minute, segment */
    private static function log(array $taps, float $minute = 1000): DayLog
    {
        return new DayLog(
            array_map(
                static fn (array $t, int $i): Tap => new Tap("t{$i}", $t[0], 60 * $t[1], ['segment' => $t[2], 'minutes' => 5]),
                $taps,
                array_keys($taps),
            ),
            60 * $minute,
            [1, 2, 3],
            [],
        );
    }

    /** left, late, late at the next; by hand */
    #[TestWith([[], 9, 0, [null, 0, 0]])]
    #[TestWith([[], 12, 0, [null, 2, 2]])]
    #[TestWith([[], 9, 3, [null, 0, 2]])]
    #[TestWith([[['started', 10, 1]], 15, 0, [5, 0, 0]])]
    #[TestWith([[['started', 8, 1]], 9, 0, [9, -2, 0]])]
    #[TestWith([[['started', 25, 1]], 26, 0, [9, 15, 5]])]
    #[TestWith([[['started', 25, 1]], 26, 4, [9, 15, 9]])]
    #[TestWith([[['started', 10, 1]], 45, 0, [0, 25, 15]])]
    #[TestWith([[['started', 10, 1], ['longer', 11, 1]], 15, 0, [10, 5, 0]])]
    #[TestWith([[['done', 12, 1], ['done', 32, 2], ['started', 60, 3]], 61, 0, [9, 0, null]])]
    #[TestWith([[['done', 12, 1], ['done', 32, 2], ['done', 70, 3]], 90, 0, [null, null, null]])]
    public function test_how_late_a_lane_is(array $taps, int $minute, int $setup, array $expected): void
    {
        $log = self::log(array_map(static fn (array $t): array => [TapKind::from($t[0]), $t[1], $t[2]], $taps), $minute);
        $now = new LaneNow(self::lane($setup), $log, [], 60 * $minute);
        $this->assertSame($expected, [$now->minutesLeft, $now->minutesLate, $now->lateAtNext]);
    }

    /** @return list<string> */
    private static function lived(array $taps, int $minute): array
    {
        return array_map(
            static fn (LivedSegment $s): string => "{$s->id} ".$s->from / 60 .'–'.$s->to / 60 .($s->isOver ? ' over' : ''),
            LivedDay::of(self::lane(), ['lead' => self::log($taps, $minute)], [], 60 * $minute),
        );
    }

    public function test_a_segment_lasted_as_its_taps_say_and_without_them_as_it_was_planned(): void
    {
        $this->assertSame(['1 10–20 over', '2 30–40', '3 60–70'], self::lived([], 40), 'at the minute of its end it is not over yet');
        $this->assertSame(['1 10–20 over', '2 30–40 over', '3 60–70'], self::lived([], 41));
        $taps = [[TapKind::Started, 12, 1], [TapKind::Done, 25, 1], [TapKind::Started, 33, 2], [TapKind::Started, 47, 3]];
        $this->assertSame(['1 12–25 over', '2 33–47 over', '3 47–70'], self::lived($taps, 50), 'what was started next ends what ran');
        $this->assertSame(['1 10–20 over', '3 60–70'], self::lived([[TapKind::Skipped, 29, 2]], 41), 'what was skipped was not lived through');
        $this->assertSame(['1 40–50', '2 30–40 over', '3 60–70'], self::lived([[TapKind::Started, 40, 1]], 45), 'late, and as long as planned');
        $this->assertSame('1 15–17 over', self::lived([[TapKind::Done, 5, 1], [TapKind::Started, 15, 1], [TapKind::Done, 17, 1]], 18)[0]);
        $all = LivedDay::of(self::lane(), [], [3 => [new LivedShot(7, 'a', true, null)]], 0);
        $this->assertSame([['lead'], ['lead', 'second'], 1], [$all[0]->lanes, $all[2]->lanes, count($all[2]->shots)]);
    }

    #[TestWith([4, []])]
    #[TestWith([5, ['day.late']])]
    public function test_five_minutes_are_news(int $late, array $codes): void
    {
        $minute = 11 + $late;
        $now = new LaneNow(self::lane(), self::log([[TapKind::Started, 10 + $late, 1]], $minute), [], 60 * $minute);
        $found = array_map(static fn (Verdict $v): string => $v->code, iterator_to_array(DayJudge::of(0, 3, ['lead' => $now], [], [], 0)));
        $this->assertSame($codes === [] ? ['day.on-time'] : $codes, $found);
    }

    public function test_musts_are_named_up_to_three(): void
    {
        $because = static fn (string ...$open): string => iterator_to_array(DayJudge::of(-3, 3, [], array_values($open), [], 0))[0]->because;
        $finding = static fn (string ...$open): string => iterator_to_array(DayJudge::of(-3, 3, [], array_values($open), [], 0))[0]->finding;
        $this->assertStringStartsWith('a, b, c: taken', $because('a', 'b', 'c'));
        $this->assertStringStartsWith('a, b, c and 1 more: taken', $because('a', 'b', 'c', 'd'));
        $this->assertSame(['A must of what is over has no tick.', '2 musts of what is over have no tick.'], [$finding('a'), $finding('a', 'b')]);
        $taps = static fn (int $n): string => iterator_to_array(DayJudge::of(0, 3, [], [], [], $n))[0]->finding;
        $this->assertSame(
            ['One tap is about something that is not in the plan.', '2 taps are about what is not in the plan.'],
            [$taps(1), $taps(2)],
        );
    }

    public function test_frames_of_no_segment_are_counted_and_musts_named_up_to_four(): void
    {
        $shots = array_map(static fn (int $i): LivedShot => new LivedShot($i, "m{$i}", true, null), range(1, 5));
        $of = static fn (int $musts): FrameMatch => new FrameMatch(
            [new LivedSegment(1, 'Vows', ['lead'], 100, 200, true, array_slice($shots, 0, $musts))],
            [new TakenFrame('a', 150, 'lead', 'A'), new TakenFrame('b', 99, 'lead', 'A'), new TakenFrame('c', 200, 'lead', 'A')],
        );
        $say = static fn (int $musts): array => array_map(
            static fn (Verdict $v): string => "{$v->finding} {$v->because}",
            iterator_to_array($of($musts)->verdicts()),
        );
        $this->assertStringContainsString('m1, m2, m3, m4: not ticked', $say(4)[0]);
        $this->assertStringContainsString(
            'm1, m2, m3, m4 and 1 more: not ticked, or nothing was taken around the tick. 1 frame of Vows was read',
            $say(5)[0],
        );
        $this->assertStringContainsString('“m1” has no frame', $say(1)[0]);
        $this->assertSame('2 frames belong to no one segment. 2 lie outside all of them, 0 where two of one photographer overlap.', $say(1)[1]);
    }
}
