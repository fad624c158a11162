<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Timeline\Part;
use NorthSatchel\Plan\Timeline\Timeline;
use NorthSatchel\Plan\Timeline\Way;
use NorthSatchel\Plan\Timeline\Ways;
use PHPUnit\Framework\TestCase;

final class TimelineTest extends TestCase
{
    /**
     * @param  list<Part>  $parts
     * @param  list<Way>  $travel
     */
    private static function timeline(array $parts, int $start = 600, array $travel = []): Timeline
    {
        return new Timeline($start, $parts, new Ways($travel));
    }

    /**
     * The textbook network of seven activities A(3), B(4) after A, C(2) after A, D(5) after B, E(1) after C,
     * F(2) after C, G(4) after D and E, H(3) after F and G: the critical path A–B–D–G–H takes 19
     * (the project network of many operations-research courses, from memory).
     */
    public function test_a_textbook_critical_path(): void
    {
        $lane = static fn (string $id, int $minutes, array $after = [], ?int $latestEnd = null): Part => new Part(
            $id,
            $minutes,
            lane: $id,
            latestEnd: $latestEnd,
            after: $after,
        );
        $t = self::timeline(
            [
                $lane('A', 3),
                $lane('B', 4, ['A']),
                $lane('C', 2, ['A']),
                $lane('D', 5, ['B']),
                $lane('E', 1, ['C']),
                $lane('F', 2, ['C']),
                $lane('G', 4, ['D', 'E']),
                $lane('H', 3, ['F', 'G'], 19),
            ],
            start: 0,
        );
        $this->assertSame(
            ['A' => 0, 'B' => 3, 'C' => 3, 'D' => 7, 'E' => 5, 'F' => 5, 'G' => 12, 'H' => 16],
            $this->sorted($t->earliestStart),
        );
        $this->assertSame(
            ['A' => 0, 'B' => 3, 'C' => 9, 'D' => 7, 'E' => 11, 'F' => 14, 'G' => 12, 'H' => 16],
            $this->sorted($t->latestStart),
        );
        $slack = array_map($t->slack(...), ['A', 'B', 'C', 'D', 'E', 'F', 'G', 'H']);
        $this->assertSame([0, 0, 6, 0, 6, 9, 0, 0], $slack);
        $this->assertSame([], $t->conflicts);
    }

    /** 15 minutes' drive, 10 minutes' set-up, anchor 18:00: leave 17:35 (common practice, no source). */
    public function test_leave_by(): void
    {
        $t = self::timeline(
            [
                new Part('hotel', 30, place: 'hotel'),
                new Part('set-up', 10, place: 'church'),
                new Part('vows', 30, place: 'church', fixedStart: 1080),
            ],
            travel: [new Way(from: 'church', to: 'hotel', minutes: 15)],
        );
        $leave = $t->leaveBy();
        $this->assertCount(1, $leave);
        $this->assertSame([1055, 'hotel', 'church', 'set-up'], [$leave[0]->at, $leave[0]->from, $leave[0]->to, $leave[0]->before]);
    }

    public function test_nothing_later_no_limit(): void
    {
        $t = self::timeline(
            [new Part('a', 10, place: 'x'), new Part('b', 10, place: 'y')],
            travel: [new Way(from: 'x', to: 'y', minutes: 5)],
        );
        $this->assertSame(['a' => null, 'b' => null], $t->latestStart);
        $this->assertNull($t->slack('a'));
        $this->assertNull($t->leaveBy()[0]->at);
        $this->assertSame(615, $t->earliestStart['b']);
    }

    public function test_a_kept_anchor_has_no_slack_and_what_lies_before_it_has_the_rest(): void
    {
        $t = self::timeline([new Part('a', 20), new Part('b', 30), new Part('anchor', 15, fixedStart: 700)]);
        $this->assertSame([50, 50, 0], array_map($t->slack(...), ['a', 'b', 'anchor']));
    }

    public function test_a_late_anchor_names_the_smallest_chain_that_clashes(): void
    {
        $t = self::timeline([new Part('a', 30), new Part('b', 40), new Part('anchor', 15, fixedStart: 660), new Part('c', 5)]);
        $this->assertCount(1, $t->conflicts);
        $this->assertSame([['a', 'b', 'anchor'], 10, 'anchor'], [$t->conflicts[0]->ids, $t->conflicts[0]->minutes, $t->conflicts[0]->why]);
        $this->assertSame(-10, $t->slack('a'));
        $this->assertSame(675, $t->earliestStart['c'], 'the pass goes on from the fixed start');

        $long = self::timeline([new Part('a', 10), new Part('b', 90), new Part('anchor', 15, fixedStart: 660)]);
        $this->assertSame(['b', 'anchor'], $long->conflicts[0]->ids, 'b alone is too long');
        $this->assertSame(40, $long->conflicts[0]->minutes);
    }

    public function test_two_anchors_that_clash_by_their_way(): void
    {
        $t = self::timeline(
            [
                new Part('early', 10),
                new Part('first', 30, place: 'x', fixedStart: 620),
                new Part('second', 30, place: 'y', fixedStart: 655),
            ],
            travel: [new Way(from: 'y', to: 'x', minutes: 9), new Way(from: 'x', to: 'y', minutes: 12)],
        );
        $this->assertSame([['first', 'second'], 7], [$t->conflicts[0]->ids, $t->conflicts[0]->minutes]);
    }

    public function test_an_end_after_the_latest_is_a_conflict(): void
    {
        $t = self::timeline([new Part('a', 30), new Part('b', 40, latestEnd: 660)]);
        $this->assertSame([['a', 'b'], 10, 'latest_end'], [$t->conflicts[0]->ids, $t->conflicts[0]->minutes, $t->conflicts[0]->why]);
        $this->assertSame(-10, $t->slack('b'));
    }

    public function test_lanes_wait_for_each_other_without_travel(): void
    {
        $t = self::timeline([
            new Part('build', 50, lane: 'assistant', place: 'hall'),
            new Part('room', 10, place: 'garden', after: ['build']),
        ]);
        $this->assertSame(650, $t->earliestStart['room']);
        $this->assertSame([], $t->leaveBy());
    }

    public function test_earliest_holds_back_and_a_place_is_inherited(): void
    {
        $t = self::timeline(
            [new Part('a', 10, place: 'x'), new Part('rest', 10), new Part('b', 10, earliest: 640), new Part('c', 5, place: 'y')],
            travel: [new Way(from: 'x', to: 'y', minutes: 8)],
        );
        $this->assertSame(['a' => 600, 'rest' => 610, 'b' => 640, 'c' => 658], $t->earliestStart);
    }

    public function test_a_circle_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('circle');
        self::timeline([new Part('a', 10, lane: 'one', after: ['b']), new Part('b', 10, lane: 'two', after: ['a'])]);
    }

    public function test_waiting_for_what_comes_later_in_the_same_lane_is_a_circle(): void
    {
        $this->expectException(ImpossibleValue::class);
        self::timeline([new Part('a', 10, after: ['b']), new Part('b', 10)]);
    }

    public function test_a_missing_way_is_refused_by_name(): void
    {
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('from x to y');
        self::timeline([new Part('a', 10, place: 'x'), new Part('b', 10, place: 'y')]);
    }

    /**
     * @param  array<string, int|null>  $times
     * @return array<string, int|null>
     */
    private function sorted(array $times): array
    {
        ksort($times);

        return $times;
    }
}
