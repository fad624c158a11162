<?php

declare(strict_types=1);

namespace Tests\Core\Day;

use NorthSatchel\Day\ChanceTable;
use NorthSatchel\Day\DayJudge;
use NorthSatchel\Day\DayLog;
use NorthSatchel\Day\LaneNow;
use NorthSatchel\Day\LightRow;
use NorthSatchel\Day\NewTime;
use NorthSatchel\Day\PocketTable;
use NorthSatchel\Day\WayOut;
use NorthSatchel\Day\WaysOut;
use NorthSatchel\Plan\Give;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\WhatIf\DayRehearsal;
use NorthSatchel\Plan\WhatIf\LateDay;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Taps\Tap;
use NorthSatchel\Taps\TapKind;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;

/** What a phone takes along for a day without the server. */
final class PocketTest extends TestCase
{
    private static function day(): LocalDay
    {
        return LocalDay::of('2027-06-12', 'Europe/Vienna');
    }

    private static function at(string $clock): int
    {
        return self::day()->instantOf(ClockTime::of($clock));
    }

    private static function segment(
        int $id,
        string $title,
        string $clock,
        int $minutes,
        Priority $priority,
        bool $isAnchor = false,
        ?int $short = null,
    ): Segment {
        return new Segment($id, $title, 'lead', self::at($clock), $minutes, $priority, new Setting(1, 'Court'), $isAnchor, give: new Give($short));
    }

    private static function plan(): PlannedDay
    {
        return new PlannedDay(
            self::day(),
            [
                self::segment(1, 'Details', '12:00', 30, Priority::Should, short: 15),
                self::segment(2, 'Guests', '12:30', 20, Priority::Nice),
                self::segment(3, 'Getting ready', '12:50', 60, Priority::Must, short: 35),
                self::segment(4, 'Ceremony', '14:00', 45, Priority::Must, true),
                self::segment(5, 'Groups', '15:00', 40, Priority::Must),
            ],
            new Travels([]),
            [],
            null,
        );
    }

    /** @return list<string> */
    private static function says(WayOut $way): array
    {
        return array_map(static fn (NewTime $t): string => "{$t->segment} {$t->how->value} {$t->start} {$t->end}", $way->to);
    }

    public function test_the_two_ways_out_are_proven_and_the_second_changes_less(): void
    {
        $ways = WaysOut::of(self::plan(), 1, 35);
        $this->assertSame([WaysOut::MOST, WaysOut::LEAST], array_map(static fn (WayOut $w): string => $w->name, $ways));
        // 110 min of work, 85 left: the most worth is kept without the guests and with short details; the fewest changes cut getting ready alone.
        $plain = new LateDay(self::plan(), 1, 35);
        $this->assertSame($plain->sentences(), $ways[0]->says);
        $weight = static fn (WayOut $w): int => count(array_filter($w->to, static fn (NewTime $t): bool => $t->how->value !== 'full'));
        $this->assertLessThan($weight($ways[0]), $weight($ways[1]));
        foreach ($ways as $way) {
            foreach ($way->to as $to) {
                $this->assertTrue($to->segment !== 4 && ($to->segment !== 3 || $to->start !== null), 'an anchor stays, and a must is done');
                $this->assertLessThanOrEqual(840, $to->end ?? 0, 'before the ceremony');
            }
        }
        // Ten minutes late nothing is cut either way, and one way is offered.
        $this->assertSame([WaysOut::MOST], array_map(static fn (WayOut $w): string => $w->name, WaysOut::of(self::plan(), 1, 10)));
        $none = WaysOut::of(self::plan(), 3, 60);
        $this->assertSame(['none', []], [$none[0]->name, $none[0]->to]);
        $this->assertStringContainsString('25 min are missing', $none[0]->says[0]);
        $this->assertSame([], array_filter(WaysOut::of(self::plan(), 5, 0), static fn (WayOut $w): bool => $w->to !== []), 'on time nothing changes');
    }

    /** What the phone looks up is what the server would work out. */
    public function test_the_table_holds_the_plain_answers(): void
    {
        $table = PocketTable::of(self::plan());
        foreach ([1, 2, 3, 5] as $segment) {
            foreach ([1, 5, 20, 21, 45, 240] as $late) {
                $step = 5 * (int) ceil($late / 5);
                $this->assertEquals(WaysOut::of(self::plan(), $segment, $step), $table->at($segment, $late), "segment {$segment}, {$late} min late");
            }
        }
        $this->assertSame([], $table->at(1, 241), 'beyond the longest nothing was worked out');
        $this->assertSame([], $table->at(99, 10));
        $this->assertLessThan(200_000, strlen((string) gzencode((string) json_encode($table))));
        $shared = $table->shared([1, 3], ['Guests']);
        $this->assertSame([], $shared->at(5, 20), 'not theirs');
        foreach ([5, 45, 60] as $late) {
            foreach ($shared->at(1, $late) as $way) {
                $this->assertStringNotContainsString('Guests', implode(' ', $way->says));
            }
        }
        $this->assertStringNotContainsString('Guests', (string) json_encode($shared));
    }

    /** What is looked up is the plain rehearsal of what is left; the later, the less likely. */
    public function test_the_chance_from_here(): void
    {
        $table = ChanceTable::of(self::plan());
        $days = array_map(static fn (int $late): int => $table->at('lead', 3, $late)[1] ?? -1, [0, 10, 20, 30]);
        $this->assertSame([4, 4, 4, 4], array_map(static fn (int $late): int => $table->at('lead', 3, $late)[0] ?? -1, [0, 10, 20, 30]));
        $sorted = $days;
        rsort($sorted);
        $this->assertSame($sorted, $days);
        // Getting ready takes 48 min at the least: half an hour late, it ends 18 min after the ceremony began.
        $this->assertSame(0, $days[3]);
        $this->assertGreaterThan(50, $days[0]);
        $this->assertSame($days[1], $table->at('lead', 3, 3)[1] ?? null, 'between two steps the later one counts');
        $this->assertNull($table->at('lead', 5, 0), 'after the last anchor there is none');
        $this->assertNotNull($table->at('lead', 3, 60));
        $this->assertNull($table->at('lead', 3, 61));
        $this->assertCount(7, $table->at['lead'][3]);
        $first = self::plan()->lanes()['lead'][0];
        [$anchor, $said] = $table->at('lead', $first->id, 0) ?? [0, 0];
        $rehearsed = (int) round(100 * ((new DayRehearsal(self::plan(), 'lead'))->anchors()[$anchor] ?? -1));
        $this->assertSame($rehearsed, $said, 'before it begins the phone says what the rehearsal says');
    }

    private static function tap(string $id, TapKind $kind, string $clock, int $segment, int|string|null $more = null): Tap
    {
        $on = ['job' => 1] + match ($kind) {
            TapKind::Undone => ['of' => (string) $more],
            TapKind::Ticked, TapKind::Unticked => ['shot' => $segment],
            TapKind::Longer => ['segment' => $segment, 'minutes' => (int) $more],
            default => ['segment' => $segment],
        };

        return new Tap($id, $kind, (float) self::at($clock), $on);
    }

    public function test_taps_in_any_order_come_to_the_same_lane(): void
    {
        $taps = [
            self::tap('a', TapKind::Started, '12:10', 1),
            self::tap('b', TapKind::Longer, '12:20', 1, 5),
            self::tap('c', TapKind::Ticked, '12:21', 70),
            self::tap('d', TapKind::Ticked, '12:22', 71),
            self::tap('e', TapKind::Unticked, '12:23', 71),
            self::tap('f', TapKind::Skipped, '12:24', 2),
            self::tap('g', TapKind::Undone, '12:25', 0, 'f'),
            self::tap('h', TapKind::Started, '12:26', 99),
            self::tap('i', TapKind::Done, '18:00', 1),
        ];
        foreach ([$taps, array_reverse($taps), [...$taps, ...$taps], [$taps[6], $taps[0], ...array_slice($taps, 1)]] as $order) {
            $log = new DayLog($order, (float) self::at('12:30'), [1, 2, 3, 4, 5], [70, 71]);
            $this->assertSame(
                ['running', 'waiting', [70], [1 => 5], ['h', 'i'], ['unknown', 'future']],
                [
                    $log->states->of('1')->value,
                    $log->states->of('2')->value,
                    $log->ticked,
                    $log->longer,
                    array_column($log->log->ignored, 'id'),
                    array_column($log->log->ignored, 'why'),
                ],
            );
            $now = new LaneNow(self::plan()->lanes()['lead'], $log, [2 => 7], self::at('12:30'));
            // 30 min and 5 on top from 12:10 on: 15 are left, until 12:45, 15 after its time; the way of 7 min makes 22 at the next.
            $this->assertSame([1, 15, 15, 22], [$now->running?->id, $now->minutesLeft, $now->minutesLate, $now->lateAtNext]);
        }
    }

    public function test_what_is_said_of_the_day(): void
    {
        $lane = self::plan()->lanes()['lead'];
        $now = static fn (array $taps, string $clock): LaneNow => new LaneNow(
            $lane,
            new DayLog($taps, (float) self::at($clock), [1, 2, 3, 4, 5], []),
            [],
            self::at($clock),
        );
        $codes = static fn (iterable $found): array => array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", [...$found]);
        $started = [self::tap('a', TapKind::Started, '12:00', 1)];
        $this->assertSame(['mind day.no-plan'], $codes(DayJudge::of(0, 0, [], [], [], 0)));
        $this->assertSame(['mind day.ahead'], $codes(DayJudge::of(3, 5, [], [], [], 0)));
        $this->assertSame(
            ['It is tomorrow.', 'It is in 2 days.'],
            array_map(static fn (int $d): string => iterator_to_array(DayJudge::of($d, 5, [], [], [], 0))[0]->finding, [1, 2]),
        );
        $this->assertSame(['fine day.on-time'], $codes(DayJudge::of(0, 5, ['lead' => $now($started, '12:10')], [], [], 0)));
        $this->assertSame(
            ['mind day.quiet'],
            $codes(DayJudge::of(0, 5, ['lead' => $now([], '11:00')], [], [], 0)),
            'nothing runs: nothing is on time',
        );
        $this->assertSame(['fix day.late'], $codes(DayJudge::of(0, 5, ['lead' => $now([], '12:20')], [], [], 0)));
        $this->assertSame(
            ['mind day.over'],
            $codes(DayJudge::of(-1, 5, ['lead' => $now([], '12:20')], [], [], 0)),
            'nobody is late for a day gone by',
        );
        $this->assertSame(['fix day.late'], $codes(DayJudge::of(-1, 5, ['lead' => $now($started, '12:50')], [], [], 0)), 'past midnight it goes on');
        $this->assertSame(
            ['fix day.must-open', 'fix day.must-skipped', 'mind day.unknown-taps'],
            $codes(DayJudge::of(0, 5, ['lead' => $now($started, '12:10')], ['Rings'], [$lane[4]], 2)),
        );
    }

    /** The same light as on the pages, five minutes apart. */
    public function test_light_is_taken_along_in_steps(): void
    {
        $rows = LightRow::rows(null, true, GeoPoint::of(47.2, 9.6), 'Portraits', false, self::at('20:01'), self::at('20:30'));
        $this->assertCount(7, $rows);
        $this->assertSame(self::at('20:00'), $rows[0]->at);
        $this->assertGreaterThan($rows[6]->elevationDeg, $rows[0]->elevationDeg, 'the sun sinks');
        $this->assertSame([], LightRow::rows(null, true, null, 'Portraits', false, 0, 600), 'without a place nobody knows');
    }
}
