<?php

declare(strict_types=1);

namespace Tests\Core\Time;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ClockAndDayTest extends TestCase
{
    public function test_hours_from_24_on_are_the_next_day(): void
    {
        $day = LocalDay::of('2026-08-14', 'Europe/Helsinki');
        $this->assertSame('2026-08-15T01:30:00+03:00', $day->iso($day->instantOf(ClockTime::of('25:30'))));
        $this->assertSame('01:30', ClockTime::of('25:30')->onTheFace());
        $this->assertSame('25:30', ClockTime::of('25:30')->text());
    }

    #[DataProvider('clocksOfTheChange')]
    public function test_the_way_back_from_an_instant_gives_the_same_clock(string $date, string $clock): void
    {
        $day = LocalDay::of($date, 'America/New_York');
        $this->assertSame($clock, $day->clockOf($day->instantOf(ClockTime::of($clock)))->text());
    }

    /** @return array<string, array{string, string}> the days the clocks change, and the nights into them */
    public static function clocksOfTheChange(): array
    {
        return [
            'first minute' => ['2026-03-08', '00:00'],
            'after the skip' => ['2026-03-08', '03:00'],
            'last minute' => ['2026-03-08', '23:59'],
            'the night into the skip' => ['2026-03-07', '27:20'],
            'the night into the long day' => ['2026-10-31', '26:40'],
            'end of the long day' => ['2026-11-01', '23:59'],
            'last of the next' => ['2026-11-01', '47:59'],
        ];
    }

    public function test_an_instant_of_the_day_before_has_no_clock_on_this_day(): void
    {
        $day = LocalDay::of('2026-03-08', 'America/New_York');
        $this->expectException(ImpossibleValue::class);
        $day->clockOf($day->startsAt() - 60);
    }

    public function test_the_hour_that_summer_time_skips_does_not_exist(): void
    {
        $day = LocalDay::of('2026-03-29', 'Europe/Stockholm');
        $this->assertSame('03:05', $day->face($day->instantOf(ClockTime::of('03:05'))));
        $this->expectException(ImpossibleValue::class);
        $this->expectExceptionMessage('02:30 is skipped');
        $day->instantOf(ClockTime::of('02:30'));
    }

    public function test_the_skipped_hour_is_found_from_the_day_before_too(): void
    {
        $this->expectException(ImpossibleValue::class);
        LocalDay::of('2026-03-28', 'Europe/Stockholm')->instantOf(ClockTime::of('26:15'));
    }

    public function test_days_of_the_change_have_23_and_25_hours(): void
    {
        $hours = static fn (string $date): float => (LocalDay::of($date, 'Europe/Berlin')->endsAt() -
            LocalDay::of($date, 'Europe/Berlin')->startsAt()) /
            3600;
        $this->assertSame(23.0, $hours('2026-03-29'));
        $this->assertSame(25.0, $hours('2026-10-25'));
        $this->assertSame(24.0, $hours('2026-10-26'));
    }

    /** @return array<string, array{string}> */
    public static function timesThatAreNone(): array
    {
        return [
            'too late' => ['48:00'],
            'minutes' => ['12:60'],
            'one digit' => ['9:30'],
            'words' => ['noon'],
            'seconds' => ['12:00:00'],
            'minus' => ['-1:00'],
            'empty' => [''],
            'line break' => ["12:00\n"],
        ];
    }

    #[DataProvider('timesThatAreNone')]
    public function test_other_times_are_refused(string $clock): void
    {
        $this->expectException(ImpossibleValue::class);
        ClockTime::of($clock);
    }

    public function test_a_time_cannot_leave_its_two_days(): void
    {
        $this->assertSame('47:59', ClockTime::of('47:50')->plus(9)->text());
        $this->expectException(ImpossibleValue::class);
        ClockTime::of('00:10')->plus(-11);
    }

    /** @return array<string, array{string, string, string}> */
    public static function daysThatAreNone(): array
    {
        return [
            'no leap day' => ['2026-02-29', 'UTC', 'date'],
            'month 13' => ['2026-13-01', 'UTC', 'date'],
            'other order' => ['01.02.2026', 'UTC', 'date'],
            'no zone' => ['2026-02-01', 'Mars/Olympus', 'timezone'],
            'an offset is no zone' => ['2026-02-01', '+02:00', 'timezone'],
        ];
    }

    #[DataProvider('daysThatAreNone')]
    public function test_days_and_zones_that_are_none_are_refused_by_field(string $date, string $zone, string $field): void
    {
        try {
            LocalDay::of($date, $zone);
            $this->fail('It was taken.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
        }
    }

    #[TestWith(['8', '08:00'])]
    #[TestWith(['8:00', '08:00'])]
    #[TestWith([' 8.30 ', '08:30'])]
    #[TestWith(['0830', '08:30'])]
    #[TestWith(['830', '08:30'])]
    #[TestWith(['17h05', '17:05'])]
    #[TestWith(['17h', '17:00'])]
    #[TestWith(['25:30', '25:30'])]
    #[TestWith(['12 am', '00:00'])]
    #[TestWith(['12:15 pm', '12:15'])]
    #[TestWith(['8:30 p.m.', '20:30'])]
    #[TestWith(['8 PM', '20:00'])]
    #[TestWith(['17 pm', '17 pm'])]
    #[TestWith(['8:5', '8:5'])]
    #[TestWith(['8,5', '8,5'])]
    #[TestWith(['soon', 'soon'])]
    #[TestWith(['', ''])]
    #[TestWith(["8:00\n9:00", "8:00\n9:00"])]
    public function test_times_are_read_as_people_type_them(string $typed, string $read): void
    {
        $this->assertSame($read, ClockTime::asTyped($typed));
    }

    /** What is read can still be no time: 99:99 stays wrong, and is refused where it is used. */
    public function test_reading_a_time_makes_none_right(): void
    {
        $this->assertSame('99:99', ClockTime::asTyped('99:99'));
        $this->expectException(ImpossibleValue::class);
        ClockTime::of(ClockTime::asTyped('99:99'));
    }

    public function test_what_a_clock_shows_of_a_time_after_midnight(): void
    {
        $this->assertSame(['00:00', '01:30', '23:59', '09:05'], array_map(ClockTime::shown(...), ['24:00', '25:30', '23:59', '09:05']));
    }
}
