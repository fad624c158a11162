<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Judge\AccessJudge;
use NorthSatchel\Plan\Judge\AccessWindow;
use NorthSatchel\Plan\Judge\NightJudge;
use NorthSatchel\Plan\Judge\PeopleJudge;
use NorthSatchel\Plan\Judge\Separation;
use NorthSatchel\Plan\Judge\SightJudge;
use NorthSatchel\Plan\Judge\WantsJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;
use Tests\Support\Segments;

/** Whole sentences, each worked out by hand from the clock times in it; and what lies right at an edge. */
final class SaidByJudgesTest extends TestCase
{
    private static function local(string $date = '2027-08-14'): LocalDay
    {
        return LocalDay::of($date, 'Europe/Madrid');
    }

    private static function at(string $clock, string $date = '2027-08-14'): int
    {
        return self::local($date)->instantOf(ClockTime::of($clock));
    }

    /** @param  array<string, mixed>  $wants */
    private static function part(int $id, string $clock, int $minutes, array $wants = [], mixed ...$more): Segment
    {
        return Segments::of([
            'id' => $id, 'title' => "Part {$id}", 'lane' => 'lead', 'startsAt' => self::at($clock), 'minutes' => $minutes,
            'priority' => Priority::Should, 'placeId' => 1, 'placeName' => 'Town', 'wants' => new Wants(...$wants), ...$more,
        ]);
    }

    private static function day(Segment ...$segments): PlannedDay
    {
        $way = new Travels([1 => [2 => 20, 3 => 1]]);

        return new PlannedDay(self::local(), array_values($segments), $way, [], SunDay::of(GeoPoint::of(42.3, -3.7), self::local()));
    }

    /** @return list<string> */
    private static function said(Verdicts $verdicts): array
    {
        return array_map(
            static fn (Verdict $v): string => trim("{$v->finding} {$v->because} ".($v->remedy->label ?? '')),
            iterator_to_array($verdicts, false),
        );
    }

    public function test_who_is_needed_twice(): void
    {
        $iris = self::part(1, '10:30', 30, ['people' => ['Iris']]);
        $next = static fn (string $clock, int $place, mixed ...$more): Segment => self::part(
            2, $clock, 20, ['people' => ['Iris']], ...['placeId' => $place, 'placeName' => 'Field', ...$more],
        );
        $judge = static fn (Segment $then): array => self::said(PeopleJudge::of(self::day($iris, $then)));
        $head = 'Iris is needed at Part 1 and at Part 2. ';
        $this->assertSame(
            ["{$head}15 min lie between, and the way to Field takes 20 min: 5 min are missing. Start Part 2 5 min later"],
            $judge($next('11:15', 2)),
        );
        $this->assertSame(
            ["{$head}Part 1 has them until 11:00, Part 2 from 10:40, and the way takes 20 min: 40 min are missing. Start Part 2 40 min later"],
            $judge($next('10:40', 2)),
        );
        $this->assertSame(
            ["{$head}Part 1 has them until 11:00, Part 2 from 10:59, and the way takes 1 min: 2 min are missing. Start Part 2 2 min later"],
            $judge($next('10:59', 3)),
        );
        $this->assertSame(
            ["{$head}Part 1 has them until 11:00, Part 2 from 10:40: 20 min are missing. Start Part 2 20 min later"],
            $judge($next('10:40', 1)),
        );
        $this->assertStringEndsWith('5 min are missing.', $judge($next('11:15', 2, isAnchor: true))[0], 'what does not move is not moved');
        $this->assertSame([], $judge($next('11:20', 2)));
    }

    public function test_who_may_see_whom(): void
    {
        $iris = self::part(1, '10:00', 30, ['people' => ['Iris']]);
        $bruno = static fn (string $clock, int $minutes = 30, mixed ...$more): Segment => self::part(
            2,
            $clock,
            $minutes,
            ['people' => ['Bruno']],
            ...$more,
        );
        $reveal = self::part(3, '12:00', 20, ['people' => ['Iris', 'Bruno']]);
        $pair = [new Separation('Iris', 'Bruno', 3)];
        $judge = static fn (Segment ...$s): array => self::said(SightJudge::of(self::day(...$s), $pair));
        $this->assertSame(
            ['Iris and Bruno may see each other at Town. Part 1 ends at 10:30, and Part 2 starts there at 10:39; '.
                'they must not meet before Part 3 at 12:00. Start Part 2 1 min later'],
            $judge($iris, $bruno('10:39'), $reveal),
        );
        $this->assertSame([], $judge($iris, $bruno('10:40'), $reveal));
        $this->assertSame(
            ['Iris and Bruno may see each other at Town. Part 1 is there until 10:30, and Part 2 from 10:29; '.
                'they must not meet before Part 3 at 12:00. Start Part 2 11 min later'],
            $judge($iris, $bruno('10:29'), $reveal),
        );
        // Ten minutes later it ends as the meeting begins, and that is still in time; a minute longer is not.
        $this->assertStringEndsWith('Start Part 2 10 min later', $judge($iris, $bruno('10:30', 80), $reveal)[0]);
        $this->assertStringEndsWith('at 12:00.', $judge($iris, $bruno('10:30', 81), $reveal)[0]);
        $this->assertStringEndsWith('at 12:00.', $judge($iris, $bruno('10:39', 30, isAnchor: true), $reveal)[0]);
        $this->assertSame(
            ['Iris and Bruno are both in Part 1. They must not see each other before Part 3 at 12:00.'],
            $judge(self::part(1, '10:00', 30, ['people' => ['iris', 'Bruno']]), $reveal),
        );
        // As the meeting begins, it is the meeting.
        $this->assertSame([], $judge($reveal, self::part(1, '12:00', 30, ['people' => ['Iris', 'Bruno']])));
        $this->assertStringContainsString(
            'The spots differ: keep the doors shut, and let one leave first.',
            $judge(
                self::part(1, '10:00', 30, ['people' => ['Iris'], 'spotId' => 7]),
                self::part(2, '10:20', 30, ['people' => ['Bruno'], 'spotId' => 8]),
                $reveal,
            )[0],
        );
        $this->assertStringNotContainsString(
            'spots differ',
            $judge(
                self::part(1, '10:00', 30, ['people' => ['Iris'], 'spotId' => 7]),
                self::part(2, '10:20', 30, ['people' => ['Bruno'], 'spotId' => 7]),
                $reveal,
            )[0],
        );
    }

    public function test_the_pass_that_misses_least_is_the_one_that_is_named(): void
    {
        $window = static fn (string $pass, string $opens, string $closes, int $gates = 0): AccessWindow => new AccessWindow(
            $pass, 1, null, ['lead'], self::at($opens), self::at($closes), $gates,
        );
        $judge = static fn (Segment $part, AccessWindow ...$w): array => self::said(AccessJudge::of(self::day($part), array_values($w)));
        $this->assertSame(
            ['Town closes before Part 1 is over. Late opens it from 09:00 to 10:20; Part 1 is planned from 10:00 to 10:30: 10 min outside. '.
                'Ask for that pass until 10:30, or move it. Start it 10 min earlier'],
            $judge(self::part(1, '10:00', 30), $window('Early', '08:00', '10:10'), $window('Late', '09:00', '10:20')),
        );
        $this->assertSame(
            ['Town is not open yet when Part 1 starts. Near opens it from 10:05 to 12:00, and gates and stairs take 3 min; '.
                'Part 1 is planned from 10:00 to 10:30: 8 min outside. Ask for that pass from 09:57, or move it. Start it 8 min later'],
            $judge(self::part(1, '10:00', 30), $window('Near', '10:05', '12:00', 3), $window('Far', '10:20', '12:00')),
        );
        // Two that miss as much: the first is named. Both ends count together.
        $this->assertStringContainsString(
            'Both opens it from 10:04 to 10:26',
            $judge(self::part(1, '10:00', 30), $window('Both', '10:04', '10:26'), $window('End', '09:00', '10:22'))[0],
        );
        $this->assertStringContainsString(
            'End opens it',
            $judge(self::part(1, '10:00', 30), $window('Both', '10:04', '10:26'), $window('End', '09:00', '10:23'))[0],
        );
        $this->assertStringEndsWith(
            ': 8 min outside. Ask for that pass from 10:00 and until 10:30, or move it.',
            $judge(self::part(1, '10:00', 30), $window('Both', '10:04', '10:26'))[0],
        );
        $this->assertStringContainsString(
            'Near opens it',
            $judge(self::part(1, '10:00', 30), $window('Far', '10:20', '12:00'), $window('Near', '10:05', '12:00'))[0],
            'whichever is listed first',
        );
        $this->assertSame([], $judge(self::part(1, '10:00', 30), $window('Near', '09:57', '10:30', 3)));
    }

    public function test_the_night_is_named_by_its_days(): void
    {
        $on = static fn (string $date, string $clock, int $minutes, int $setUp = 0): PlannedDay => new PlannedDay(
            self::local($date),
            [self::part(1, '12:00', $minutes, ['setupMinutes' => $setUp], startsAt: self::at($clock, $date))],
            new Travels([]),
            [],
            null,
        );
        $days = [$on('2027-08-13', '10:00', 60), $on('2027-08-14', '18:00', 240), $on('2027-08-15', '09:00', 60, 90)];
        $this->assertSame(
            ['The night before day 3 has only 9 h 30. Day 2 ends at 22:00, day 3 starts at 07:30; '.
                'with the drive home and back that is too little sleep to drive on.'],
            self::said(NightJudge::of($days)),
        );
        $this->assertSame([], self::said(NightJudge::of([$on('2027-08-14', '18:00', 240), $on('2027-08-15', '09:00', 60)])), '11 hours are enough');
        $this->assertCount(1, NightJudge::of([$on('2027-08-14', '18:00', 241), $on('2027-08-15', '09:00', 60)]));
    }

    public function test_the_light_that_is_missed_and_what_mends_it(): void
    {
        $sun = SunDay::of(GeoPoint::of(42.3, -3.7), self::local());
        $from = (int) $sun->goldenEvening()?->from;
        $to = (int) $sun->goldenEvening()?->to;
        $judge = static fn (int $at, int $minutes, mixed ...$more): ?Verdict => WantsJudge::of(
            self::day(self::part(1, '12:00', $minutes, ['light' => LightWanted::Golden], ...['startsAt' => $at, ...$more])),
        )->worst();
        // 90 s too early are two whole minutes.
        $this->assertSame(['Start it 2 min later', 2], [$judge($from - 90, 10)?->remedy?->label, $judge($from - 90, 10)?->figures['minutes']]);
        $this->assertSame('Start it 1 min later', $judge($from - 60, 10)?->remedy?->label, 'a minute is a minute');
        $this->assertNull($judge($from, 10));
        $this->assertSame('Start it 3 min earlier', $judge($to - 420, 10)?->remedy?->label);
        $this->assertNull($judge($from - 90, 10, isAnchor: true)?->remedy);
        // As long as the light itself it fits when it moves; a minute longer it never does.
        $whole = intdiv($to - $from, 60);
        $this->assertNotNull($judge($from - 120, $whole)?->remedy);
        $this->assertNull($judge($from - 120, $whole + 2)?->remedy);
        $this->assertNotNull($judge($from - 120, $whole + 2));
        // In the morning the golden light of the morning is the nearer.
        $morning = (int) $sun->goldenMorning()?->to;
        $this->assertSame('Start it 5 min earlier', $judge($morning - 300, 10)?->remedy?->label);
        $this->assertStringContainsString(self::local()->face($morning), (string) $judge($morning - 300, 10)?->because);
    }

    public function test_hours_that_were_written_down_say_by_how_much(): void
    {
        $judge = static fn (array $wants, mixed ...$more): array => self::said(
            WantsJudge::of(self::day(self::part(1, '09:00', 30, $wants, ...$more))),
        );
        $early = $judge(['earliestAt' => self::at('09:15')]);
        $this->assertStringEndsWith('Start it 15 min later', $early[0]);
        $this->assertStringEndsWith('Start it 1 min later', $judge(['earliestAt' => self::at('09:00') + 1])[0], 'a second is a minute');
        $this->assertStringEndsWith('Start it 10 min earlier', $judge(['latestEndAt' => self::at('09:20')])[0]);
        $this->assertStringEndsNotWith('later', $judge(['earliestAt' => self::at('09:15')], isAnchor: true)[0]);
    }
}
