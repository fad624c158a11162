<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Sending\DaySending;
use NorthSatchel\Plan\Sending\MissedGap;
use NorthSatchel\Plan\Sending\Pauses;
use NorthSatchel\Plan\Sending\SendDrawing;
use NorthSatchel\Plan\Sending\SendJudge;
use NorthSatchel\Plan\Sending\SendText;
use NorthSatchel\Plan\Sending\WantedGap;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is wanted early as it is typed, and what it is judged by. */
final class DaySendingTest extends TestCase
{
    /** 60 MB at 1 MB/s are a minute. */
    private static function sending(string $pictures, string $gaps, float $rate = 1.0): DaySending
    {
        return new DaySending(SendText::gaps($gaps), SendText::pictures($pictures), $rate);
    }

    /** @return list<string> */
    private static function codes(DaySending $sending): array
    {
        return array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array(SendJudge::of($sending)));
    }

    public function test_lines_as_people_type_them(): void
    {
        [$line, $dress, $last] = SendText::pictures(
            "Line-up ×3, by 19:05, from 18.50, 6 MB, worth 5\n\n2 faces; due 7:30 pm; 4,5 mb\nCup x 2, by 24:10, ready 23:00",
        );
        $this->assertSame(['Line-up', 3, '19:05', '18:50', 6.0, 5],
            [$line->what, $line->count, $line->due->text(), $line->ready?->text(), $line->mb, $line->worth]);
        $this->assertSame(['faces', 2, '19:30', null, 4.5, 1],
            [$dress->what, $dress->count, $dress->due->text(), $dress->ready, $dress->mb, $dress->worth]);
        $this->assertSame(['Cup', 2, '24:10', null], [$last->what, $last->count, $last->due->text(), $last->mb]);
        $gaps = SendText::gaps("Half time, 18:25 to 18:35\nLate; 23:50; 24:20\nWalk, from 9 - 9:10");
        $this->assertSame(
            ['Half time 18:25 18:35', 'Late 23:50 24:20', 'Walk 09:00 09:10'],
            array_map(static fn (WantedGap $g): string => "{$g->name} {$g->from->text()} {$g->to->text()}", $gaps),
        );
    }

    /** @return array<string, array{string, string, string, string}> */
    public static function wrong(): array
    {
        return [
            'no hour' => ['Dress', '', 'pictures', 'in line 1, it does not say by when “Dress” is wanted'],
            'no such hour' => ["A, by 10\nDress, by noon", '', 'pictures', 'in line 2, “noon” is no time of a clock'],
            'not understood' => ['Dress, by 10:00, quickly', '', 'pictures', '“quickly” is not understood'],
            'nothing' => [', by 10:00', '', 'pictures', 'it does not say by when “by 10:00”'],
            'no size' => ['Dress, by 10:00, 0 MB', '', 'pictures', 'more than 0 and at most 2000 MB'],
            'too many' => ["A x 101, by 10\nB x 100, by 10", '', 'pictures', 'must be 200 pictures at most'],
            'no gap' => ['', 'sometime', 'gaps', 'in line 1, “sometime” is no gap'],
            'a gap of no length' => ['', 'Pause, 18:00 to 18:00', 'gaps', '“Pause” ends before it begins'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_a_line_that_is_not_understood_is_named(string $pictures, string $gaps, string $field, string $says): void
    {
        try {
            SendText::pictures($pictures);
            SendText::gaps($gaps);
            $this->fail('That cannot be read.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
            $this->assertStringContainsString($says, $e->must);
        }
    }

    public function test_pauses_lie_between_what_is_shot_and_after_it(): void
    {
        $shot = static fn (string $name, string $from, string $to): WantedGap => new WantedGap($name, ClockTime::of($from), ClockTime::of($to));
        $pauses = Pauses::of([$shot('Late', '19:00', '19:30'), $shot('Early', '18:00', '18:30'), $shot('Within', '18:10', '18:20'),
            $shot('Soon', '18:32', '18:57')]);
        $this->assertSame(
            ['after Soon 18:57 19:00', 'after Late 19:30 20:30'],
            array_map(static fn (WantedGap $g): string => "{$g->name} {$g->from->text()} {$g->to->text()}", $pauses),
            'two minutes are none, three are one',
        );
        $this->assertSame([], Pauses::of([]));
        $this->assertSame([], Pauses::of([$shot('To the end', '40:00', '47:30')]), 'no hour is left');
    }

    public function test_nothing_wanted_or_no_gap_is_said_and_nothing_is_fine(): void
    {
        $this->assertSame(['mind send.nothing'], self::codes(self::sending('', 'A, 10:00 to 10:10')));
        $this->assertSame(['fix send.no-gap'], self::codes(self::sending('Dress, by 10:00', '')));
        $this->assertSame(['fix send.gaps'], self::codes(self::sending('Dress, by 10:00', "A, 10:00 to 10:10\nB, 10:05 to 10:20")));
    }

    public function test_in_time_and_what_a_missed_gap_swamps(): void
    {
        // Four minutes of pictures, two gaps of two minutes, the first of them for what is due before the second.
        $sending = self::sending("Dress ×2, by 18:30, 60 MB\nRoom ×2, by 19:30, 60 MB", "First, 18:00 to 18:02\nSecond, 19:00 to 19:02");
        $this->assertSame(['mind send.missed-gap', 'fine send.in-time'], self::codes($sending));
        $this->assertSame([240.0, 240.0], [$sending->neededS(), $sending->openS()]);
        $this->assertEquals([new MissedGap('First', 2, 2.0), new MissedGap('Second', 2, 2.0)], $sending->missed($sending->plan()));
        $wide = self::sending('Dress, by 19:30, 60 MB', "First, 18:00 to 18:02\nSecond, 19:00 to 19:02");
        $this->assertSame(['fine send.in-time'], self::codes($wide), 'either gap can be missed');
    }

    public function test_a_missed_gap_may_cost_worth_and_no_pictures_and_two_gaps_may_be_called_alike(): void
    {
        // The dear one fills the first gap, the two cheap ones the second, which begins when two of three may still be sent.
        $sending = self::sending("Result, by 18:02, 120 MB, worth 5\nRoom ×2, by 19:30, 60 MB, from 18:00", "A, 18:00 to 18:02\nA, 19:00 to 19:02");
        $this->assertEquals([new MissedGap('A', 1, 5.0), new MissedGap('A', 2, 2.0)], $sending->missed($sending->plan()));
        $said = iterator_to_array(SendJudge::of($sending))[0];
        $this->assertSame('Next dearest to miss: A (2): send what is due first whenever there is a minute.', $said->because);
        // Both gaps together take the dear one; either alone takes no more than a cheap one: as many as before.
        $dear = self::sending("Result, by 20:00, 180 MB, worth 5\nRoom, by 20:00, 60 MB", "A, 18:00 to 18:02\nB, 19:00 to 19:01");
        $this->assertEquals([new MissedGap('A', 0, 4.0), new MissedGap('B', 0, 4.0)], $dear->missed($dear->plan()));
        $said = iterator_to_array(SendJudge::of($dear))[1];
        $this->assertSame('If the gap “A” is missed, something is late that is worth more than what is then sent.', $said->finding);
        $this->assertStringStartsWith('Next dearest to miss: B (what is worth more): ', $said->because);
    }

    public function test_what_is_late_is_said_by_worth_where_worths_differ_and_rows_of_one_name_count_each_their_own(): void
    {
        // One of worth 5 or two of worth 1: the first is sent, though two would be more.
        $sending = self::sending("Room ×2, by 18:02, 60 MB\nRoom, by 18:02, 120 MB, worth 5", 'A, 18:00 to 18:02');
        $said = iterator_to_array(SendJudge::of($sending))[0];
        $this->assertSame('2 pictures are not there in time: Room (2).', $said->finding);
        $this->assertStringContainsString('no other order brings more worth in time', $said->because);
        $rows = (new SendDrawing($sending, $sending->plan()))->rows();
        $this->assertSame([2, 0], [$rows[0]->late, $rows[1]->late]);
        $only = self::sending('Room, by 18:02, 60 MB', 'A, 18:00 to 18:02');
        $this->assertSame('There is no other.', iterator_to_array(SendJudge::of($only))[0]->because);
    }

    public function test_what_is_late_and_which_rate_would_do(): void
    {
        $sending = self::sending('Dress ×4, by 18:30, 60 MB', 'First, 18:00 to 18:02');
        $this->assertSame(['Dress' => 2], $sending->late($sending->plan()));
        $verdict = iterator_to_array(SendJudge::of($sending))[0];
        $this->assertSame('2 pictures are not there in time: Dress (2).', $verdict->finding);
        // 240 MB in 120 s: twice the rate.
        $this->assertEqualsWithDelta(2.0, $verdict->figures['rate_mb_s'], 0.11);
        $this->assertSame(['fine send.in-time', 'mind send.missed-gap'],
            array_reverse(self::codes(self::sending('Dress ×4, by 18:30, 60 MB', 'First, 18:00 to 18:02', 2.0))));
        $never = self::sending('Dress, by 17:00, 60 MB', 'First, 18:00 to 18:02');
        $this->assertStringContainsString('No net is fast enough', iterator_to_array(SendJudge::of($never))[0]->because);
    }

    public function test_the_drawing_has_every_gap_and_every_part(): void
    {
        $sending = self::sending("Dress, by 18:30, 180 MB\nRoom, by 18:01, 60 MB, from 18:00", "First, 18:00 to 18:02\nSecond, 18:20 to 18:30");
        $drawing = new SendDrawing($sending, $sending->plan());
        [$first, $second] = $drawing->gaps();
        $this->assertGreaterThan($first->x + $first->width, $second->x);
        [$dress, $room] = $drawing->rows();
        $this->assertSame([2, 1, 0, 0], [count($dress->bars), count($room->bars), $dress->late, $room->late]);
        foreach ([...$dress->bars, ...$room->bars] as $bar) {
            $this->assertLessThanOrEqual(SendDrawing::WIDTH, $bar->x + $bar->width);
            $this->assertGreaterThanOrEqual($first->x, $bar->x);
        }
        $this->assertGreaterThan($room->y, $drawing->height());
        $this->assertSame(['18:00'], array_map(static fn ($h): string => $h->name, $drawing->hours()));
    }

    /** A hundred pictures are planned at once. */
    public function test_a_hundred_pictures(): void
    {
        $gaps = implode("\n", array_map(static fn (int $h): string => "G{$h}, {$h}:00 to {$h}:10", range(10, 19)));
        $lines = implode("\n", array_map(
            static fn (int $i): string => "P{$i} ×5, by ".(11 + $i % 9).':30, from '.(10 + $i % 9).':00, 30 MB',
            range(1, 20),
        ));
        $sending = self::sending($lines, $gaps);
        $plan = $sending->plan();
        $this->assertTrue($plan->isOptimal);
        $this->assertCount(100, $plan->inTime);
        $this->assertSame([], $sending->missed($plan), 'any of the ten can be missed: half of their time is needed');
    }
}
