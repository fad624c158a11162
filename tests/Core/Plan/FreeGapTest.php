<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\FreeGap;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Sky\OpenHours;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Segments;

/** Where something finds time of its own. */
final class FreeGapTest extends TestCase
{
    private static function local(): LocalDay
    {
        return LocalDay::of('2027-06-05', 'Europe/Stockholm');
    }

    /** @param  list<array{string, int, int}>  $parts  clock, minutes, place */
    private static function starts(array $parts, int $minutes, string $lane = 'lead', bool $isLast = false): ?string
    {
        $segments = [];
        foreach ($parts as $i => [$clock, $long, $place]) {
            $segments[] = Segments::of([
                'id' => $i + 1, 'title' => "Part {$i}", 'lane' => 'lead', 'startsAt' => self::local()->instantOf(ClockTime::of($clock)),
                'minutes' => $long, 'priority' => Priority::Should, 'placeId' => $place, 'placeName' => "Place {$place}",
            ]);
        }
        $gap = FreeGap::widest(new PlannedDay(self::local(), $segments, new Travels([1 => [2 => 20]]), [], null), $lane, $minutes, $isLast);

        return $gap === null ? null : self::local()->face($gap->startsAt);
    }

    public function test_the_widest_gap_holds_it_with_the_way_counted(): void
    {
        // From 10:00 to 10:30 half an hour, from 11:00 to 12:00 an hour of which 20 min are on the way.
        $day = [['09:00', 60, 1], ['10:30', 30, 1], ['12:00', 30, 2]];
        $this->assertSame('11:05', self::starts($day, 20), '40 min against 30');
        $this->assertSame('11:05', self::starts($day, 30), 'five minutes before it and after it');
        $this->assertNull(self::starts($day, 31));
        $this->assertNull(self::starts($day, 10, 'second'), 'of whom nothing is planned');
        $this->assertNull(self::starts([['09:00', 60, 1]], 10), 'one segment leaves no gap between');
    }

    public function test_what_comes_last_has_the_last_gap_that_is_wide_enough(): void
    {
        $day = [['09:00', 60, 1], ['11:00', 30, 1], ['12:00', 30, 1], ['12:40', 30, 1]];
        $this->assertSame(['10:05', '11:35', '10:05'], [
            self::starts($day, 20), self::starts($day, 20, isLast: true), self::starts($day, 21, isLast: true),
        ]);
    }

    /** An hour between the first two, of which 20 min are on the way; ten minutes between the last two. */
    #[TestWith(['10:20', '23:00', '10:25'], 'the way may lie before it, and may lie after it')]
    #[TestWith(['10:26', '23:00', '11:55'], 'too late for it, and the next is too narrow: after the last')]
    #[TestWith(['09:00', '10:35', '10:25'])]
    #[TestWith(['09:00', '10:34', null], 'over before')]
    #[TestWith(['13:00', '13:10', '13:00'])]
    #[TestWith(['13:00', '13:09', null])]
    public function test_the_first_gap_in_some_hours(string $from, string $to, ?string $starts): void
    {
        $at = static fn (string $clock): int => self::local()->instantOf(ClockTime::of($clock));
        $parts = [['09:00', 60, 1], ['11:00', 10, 2], ['11:20', 30, 2]];
        $day = new PlannedDay(self::local(), array_map(static fn (array $part, int $i): Segment => Segments::of([
            'id' => $i + 1, 'title' => "Part {$i}", 'lane' => 'lead', 'startsAt' => $at($part[0]), 'minutes' => $part[1],
            'priority' => Priority::Should, 'placeId' => $part[2], 'placeName' => "Place {$part[2]}",
        ]), $parts, array_keys($parts)), new Travels([1 => [2 => 20]]), [], null);
        $gap = FreeGap::within($day, 'lead', 10, new OpenHours($at($from), $at($to)));
        $this->assertSame($starts, $gap === null ? null : self::local()->face($gap->startsAt));
        $this->assertNull(FreeGap::within($day, 'second', 10, new OpenHours($at($from), $at($to))), 'of whom nothing is planned');
    }

    public function test_it_begins_on_a_whole_five_minutes_where_there_is_room(): void
    {
        $this->assertSame('10:10', self::starts([['09:00', 62, 1], ['11:00', 10, 1]], 20));
        $this->assertSame('10:07', self::starts([['09:00', 62, 1], ['10:32', 10, 1]], 20), 'not a minute to spare');
    }
}
