<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Day\LivedShot;
use NorthSatchel\Day\TakenFrame;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Frames of a break against the plan; common practice, no source. */
final class FrameMatchTest extends TestCase
{
    /** @return list<TakenFrame> so many seconds after the start of the day */
    private static function frames(string $lane, int ...$at): array
    {
        return array_map(static fn (int $s): TakenFrame => new TakenFrame("F{$s}", (float) $s, $lane, "Body of the {$lane}"), array_values($at));
    }

    /** @return list<LivedSegment> */
    private static function day(bool $isOver = true): array
    {
        return [
            new LivedSegment(1, 'Vows', ['lead', 'second'], 1000, 2000, $isOver, [
                new LivedShot(10, 'Rings', true, 1300.0),
                new LivedShot(11, 'Kiss', true, 1500.0, 9),
                new LivedShot(12, 'Guests', false, null),
            ]),
            new LivedSegment(2, 'Groups', ['lead'], 2000, 3000, false, [new LivedShot(20, 'Everybody', true, null)]),
            new LivedSegment(3, 'Room', ['second'], 1900, 2600, false, []),
        ];
    }

    /** @return list<string> */
    private static function codes(FrameMatch $match): array
    {
        return array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($match->verdicts()));
    }

    public function test_frames_go_to_segments_by_time_and_photographer_and_to_shots_by_their_ticks(): void
    {
        $match = new FrameMatch(self::day(), [
            ...self::frames('lead', 1290, 1310, 1400, 1480, 1529, 1531, 2100, 500),
            ...self::frames('second', 1100, 1950, 2100),
        ]);
        $this->assertSame([1 => 7, 2 => 1, 3 => 1], $match->bySegment);
        $this->assertSame(['Body of the second', 'Body of the lead'], $match->bodies[1]);
        $this->assertSame([1, 1], [$match->outside, $match->ambiguous], 'one before all, one of the second where two overlap');
        // Rings: up to 30 s after the tick at 1300, from 300 before; the kiss from 30 s after that tick on.
        $this->assertSame([10 => 3, 11 => 3], $match->byShot);
        $this->assertSame(['mind day.few-frames', 'mind day.frames-outside'], self::codes($match));
        $this->assertSame('2 frames belong to no one segment.', iterator_to_array($match->verdicts())[1]->finding);
    }

    public function test_a_must_without_a_frame_is_said_once_its_segment_is_over(): void
    {
        $none = new FrameMatch(self::day(), self::frames('lead', 1700));
        $this->assertSame(['fix day.must-no-frame'], self::codes($none));
        $this->assertStringContainsString('Rings, Kiss', iterator_to_array($none->verdicts())[0]->because);
        $this->assertSame(['fix day.no-frames'], self::codes(new FrameMatch(self::day(), self::frames('lead', 2100))));
        $this->assertSame([], self::codes(new FrameMatch(self::day(false), self::frames('lead', 1700))), 'it still runs');
        $all = new FrameMatch(self::day(), self::frames('lead', 1290, ...range(1400, 1520, 10)));
        $this->assertSame(['fine day.musts-taken'], self::codes($all));
        $this->assertSame([], self::codes(new FrameMatch([], [])), 'of nothing nothing is said');
    }

    /** Any order of the frames comes to the same, and a full day is matched at once. */
    public function test_the_order_in_which_frames_are_read_does_not_matter(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $frames = array_map(
            static fn (int $i): TakenFrame => new TakenFrame("F{$i}", (float) $random->getInt(900, 3100), ['lead', 'second'][$i % 2], 'B'),
            range(1, 6000),
        );
        $match = new FrameMatch(self::day(), $frames);
        $this->assertEquals($match, new FrameMatch(self::day(), $random->shuffleArray($frames)));
        $this->assertSame(6000, array_sum($match->bySegment) + $match->outside + $match->ambiguous);
    }
}
