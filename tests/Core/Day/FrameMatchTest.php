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
        $this->assertSame(['shot 10' => 3, 'shot 11' => 3], $match->byShot);
        $this->assertSame(['mind day.few-frames', 'mind day.frames-outside'], self::codes($match));
        $this->assertSame('2 frames belong to no one segment.', iterator_to_array($match->verdicts())[1]->finding);
    }

    public function test_a_group_and_a_line_ticked_together_do_not_take_each_other_s_frames(): void
    {
        $segment = new LivedSegment(1, 'Groups', ['lead'], 0, 1000, true, [
            new LivedShot(10, 'All parents', true, 200.0),
            new LivedShot(10, 'The two with all parents', true, 201.0, 6, true),
            new LivedShot(11, 'Everybody', true, null, 9, true),
        ]);
        $match = new FrameMatch([$segment], self::frames('lead', 150, 160, 170, 180));
        $this->assertSame(['shot 10' => 4, 'group 10' => 4], $match->byShot);
        [$none, $few] = iterator_to_array($match->verdicts());
        $this->assertSame('“Everybody” has no frame that is known to be its.', $none->finding);
        $this->assertSame('“The two with all parents” has 4 of 6 frames.', $few->finding);
    }

    public function test_two_were_planned_and_the_frames_are_of_one(): void
    {
        $of = static fn (TakenFrame ...$frames): array => self::codes(new FrameMatch([self::day()[0]], array_values($frames)));
        $lead = self::frames('lead', 1290, 1480);
        $this->assertContains('mind day.one-side', $of(...$lead));
        $this->assertNotContains('mind day.one-side', $of(...$lead, ...self::frames('second', 1300)));
        $this->assertNotContains('mind day.one-side', $of(), 'of no frame at all another thing is said');
    }

    /** A third and a half between the widest and the longest are one size (ours); wide and tight tell it twice (common practice, no source). */
    public function test_one_size_of_a_must_is_said(): void
    {
        $of = static fn (float ...$focals): FrameMatch => new FrameMatch([self::day()[0]], array_map(
            static fn (int $i, float $mm): TakenFrame => new TakenFrame("F{$i}", 1295.0 + $i, 'lead', 'Body', $mm === 0.0 ? null : $mm),
            array_keys($focals),
            $focals,
        ));
        $nine = array_fill(0, 9, 85.0);
        $this->assertContains('mind day.one-size', self::codes($of(100.0, ...$nine)));
        $this->assertSame('85 to 100 mm', $of(100.0, ...$nine)->sizes(1));
        $this->assertNotContains('mind day.one-size', self::codes($of(127.5, ...$nine)), 'half as long again');
        $this->assertNotContains('mind day.one-size', self::codes($of(0.0, ...$nine)), 'nine are too few to say it');
        $this->assertSame('', $of(0.0)->sizes(1));
    }

    public function test_a_must_without_a_frame_is_said_once_its_segment_is_over(): void
    {
        $none = new FrameMatch(self::day(), self::frames('lead', 1700));
        $this->assertSame(['fix day.must-no-frame', 'mind day.one-side'], self::codes($none));
        $this->assertStringContainsString('Rings, Kiss', iterator_to_array($none->verdicts())[0]->because);
        $this->assertSame(['fix day.no-frames'], self::codes(new FrameMatch(self::day(), self::frames('lead', 2100))));
        $this->assertSame([], self::codes(new FrameMatch(self::day(false), self::frames('lead', 1700))), 'it still runs');
        $all = new FrameMatch(self::day(), self::frames('lead', 1290, ...range(1400, 1520, 10)));
        $this->assertSame(['mind day.one-side', 'fine day.musts-taken'], self::codes($all));
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
