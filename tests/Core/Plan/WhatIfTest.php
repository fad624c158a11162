<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Site;
use NorthSatchel\Plan\Travels;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Plan\WhatIf\DayRehearsal;
use NorthSatchel\Plan\WhatIf\DelayJudge;
use NorthSatchel\Plan\WhatIf\LateDay;
use NorthSatchel\Plan\WhatIf\LateLane;
use NorthSatchel\Plan\WhatIf\Weather;
use NorthSatchel\SceneKind;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\TestCase;
use Tests\Support\Segments;

final class WhatIfTest extends TestCase
{
    private const CHURCH = 1;

    private const HALL = 2;

    private static function local(): LocalDay
    {
        return LocalDay::of('2026-09-12', 'Europe/Stockholm');
    }

    private static function at(string $clock): int
    {
        return self::local()->instantOf(ClockTime::of($clock));
    }

    private static function day(Segment ...$segments): PlannedDay
    {
        return new PlannedDay(
            self::local(),
            array_values($segments),
            new Travels([self::CHURCH => [self::HALL => 15]]),
            [],
            SunDay::of(GeoPoint::of(59.3, 18.1), self::local()),
        );
    }

    private static function segment(
        int $id,
        string $clock,
        int $minutes,
        Priority $priority = Priority::Should,
        int $place = self::CHURCH,
        mixed ...$more,
    ): Segment {
        return Segments::of([
            'id' => $id,
            'title' => "Part {$id}",
            'lane' => 'lead',
            'startsAt' => self::at($clock),
            'minutes' => $minutes,
            'priority' => $priority,
            'isOutdoor' => false,
            'isAnchor' => false,
            'placeId' => $place,
            'placeName' => "Place {$place}",
            ...$more,
        ]);
    }

    /** Groups and portraits after the vows, a dinner that does not wait. */
    private static function afternoon(): PlannedDay
    {
        return self::day(
            self::segment(1, '15:00', 30, Priority::Must, isAnchor: true),
            self::segment(2, '15:35', 30, Priority::Must, shortMinutes: 20, mayMove: true),
            self::segment(3, '16:05', 40, Priority::Should, shortMinutes: 20),
            self::segment(4, '16:45', 10, Priority::Nice),
            self::segment(5, '17:15', 90, Priority::Must, self::HALL, isAnchor: true, takesInMinutes: 25),
        );
    }

    public function test_slack_and_leave_by_follow_from_the_anchors(): void
    {
        $passes = DayPasses::of(self::afternoon());
        $this->assertSame(0, $passes->slack(1));
        $this->assertSame(5, $passes->slack(4), 'over at 16:55, fifteen minutes of way, dinner at 17:15');
        $this->assertSame(5, $passes->slack(2));
        $this->assertSame([5 => self::at('17:00')], $passes->leaveBy());
        $this->assertSame([5 => self::at('17:00')], $passes->leaveAt());
        $roomy = DayPasses::of(
            self::day(
                self::segment(1, '15:00', 30),
                self::segment(2, '16:00', 10, place: self::HALL),
                self::segment(3, '17:00', 10, isAnchor: true, place: self::HALL),
            ),
        );
        $this->assertSame(
            [[2 => self::at('15:45')], [2 => self::at('16:35')]],
            [$roomy->leaveAt(), $roomy->leaveBy()],
            'to start as planned, and at the latest',
        );
    }

    public function test_a_delay_within_the_slack_changes_only_times(): void
    {
        $late = new LateDay(self::afternoon(), 2, 5);
        $this->assertSame(
            ['full', 'full', 'full', 'full'],
            array_map(static fn ($c): string => $c->how->value, array_values($late->choices())),
        );
        $this->assertContains('Part 2 starts at 15:40 instead of 15:35, in full.', $late->sentences());
    }

    public function test_it_shortens_before_it_drops(): void
    {
        $how = array_map(static fn ($c): string => $c->how->value, (new LateDay(self::afternoon(), 2, 15))->choices());
        $this->assertSame([2 => 'full', 3 => 'short', 4 => 'full', 5 => 'full'], $how);
    }

    public function test_where_shortening_is_not_enough_the_nice_goes_first(): void
    {
        $late = new LateDay(self::afternoon(), 2, 27);
        $how = array_map(static fn ($c): string => $c->how->value, $late->choices());
        $this->assertSame([2 => 'full', 3 => 'short', 4 => 'skipped', 5 => 'full'], $how);
        $this->assertContains('Part 4 is dropped: of what can give it is worth least for its minutes.', $late->sentences());
        $this->assertCount(4, $late->changed()->segments);
    }

    public function test_a_long_delay_moves_the_groups_to_the_dinner(): void
    {
        $late = new LateDay(self::afternoon(), 2, 60);
        $this->assertSame('moved', $late->choices()[2]->how->value);
        $this->assertSame(5, LateLane::pocketOf($late->choices()[2]));
        $this->assertContains('Part 2 moves into Part 5, 20 min of it.', $late->sentences());
        $this->assertTrue($late->isProven());
    }

    public function test_an_anchor_that_is_missed_names_the_minutes(): void
    {
        $late = new LateDay(self::afternoon(), 1, 12);
        $this->assertFalse($late->isFeasible());
        $this->assertSame(12, $late->blocked()?->replan->shortByMinutes);
    }

    public function test_what_was_planned_into_daylight_must_end_in_it(): void
    {
        $sunset = (int) SunDay::of(GeoPoint::of(59.3, 18.1), self::local())->sunset();
        $start = self::local()->face($sunset - 50 * 60);
        $day = self::day(self::segment(1, $start, 45, isOutdoor: true, shortMinutes: 20));
        $this->assertSame('full', (new LateDay($day, 1, 4))->choices()[1]->how->value);
        $this->assertSame('short', (new LateDay($day, 1, 20))->choices()[1]->how->value);
        $this->assertSame('skipped', (new LateDay($day, 1, 40))->choices()[1]->how->value);
    }

    public function test_other_photographers_and_what_is_over_stay_as_they_are(): void
    {
        $day = self::day(self::segment(1, '15:00', 30), self::segment(2, '15:30', 30), self::segment(3, '15:00', 60, lane: 'second'));
        $changed = (new LateDay($day, 2, 10))->changed();
        $this->assertSame(
            [self::at('15:00'), self::at('15:40'), self::at('15:00')],
            array_map(static fn (Segment $s): int => $s->startsAt, $changed->segments),
        );
    }

    public function test_who_shares_a_late_segment_is_re_planned_with_it_held(): void
    {
        $day = self::day(
            self::segment(1, '14:00', 30),
            self::segment(2, '14:30', 30, Priority::Must, wants: new Wants(alsoLanes: ['second'])),
            self::segment(3, '15:30', 30, Priority::Must, isAnchor: true),
            self::segment(4, '13:40', 25, lane: 'second'),
            self::segment(5, '15:05', 20, Priority::Should, lane: 'second', shortMinutes: 10),
            self::segment(6, '15:25', 30, Priority::Must, lane: 'second', isAnchor: true),
        );
        $late = new LateDay($day, 1, 10);
        $this->assertSame(['lead', 'second'], $late->laneNames());
        $choices = $late->choices();
        $this->assertSame([14 * 60 + 40, 15 * 60 + 10], [$choices[2]->start, $choices[2]->end], 'held where the lead has it');
        $this->assertSame('short', $choices[5]->how->value, 'only ten minutes are left before the anchor of the second');
        $this->assertArrayNotHasKey(4, $choices, 'what is over stays as it is');
        $this->assertFalse($late->isProven(), 'the shared one could have been cut for both');
        $this->assertCount(6, $late->changed()->segments);

        $alone = new LateDay($day, 4, 2);
        $this->assertSame(['second'], $alone->laneNames(), 'nothing that is shared changes');
        $blocked = new LateDay($day, 1, 60);
        $this->assertSame(
            ['second', true],
            [$blocked->blocked()?->name, $blocked->isBlockedByWhatIsShared()],
            'the shared one ends at 15:30, five minutes into the anchor of the second',
        );
    }

    public function test_worth_and_setting_up_count_in_a_re_plan(): void
    {
        $day = self::day(
            self::segment(1, '15:00', 20, Priority::Nice, wants: new Wants(worth: 200)),
            self::segment(2, '15:20', 20, Priority::Should),
            self::segment(3, '16:00', 30, Priority::Must, isAnchor: true, wants: new Wants(setupMinutes: 15)),
        );
        $this->assertSame(
            [1 => 'full', 2 => 'full', 3 => 'full'],
            array_map(static fn ($c): string => $c->how->value, (new LateDay($day, 1, 5))->choices()),
            'ready to set up at 15:45',
        );
        $tight = (new LateDay($day, 1, 6))->choices();
        $this->assertSame(
            [1 => 'full', 2 => 'skipped', 3 => 'full'],
            array_map(static fn ($c): string => $c->how->value, $tight),
            'what is worth more stays, though it is only nice',
        );
        $this->assertSame(16 * 60, $tight[3]->start);
    }

    public function test_the_weather_moves_what_is_outdoors_and_nothing_else(): void
    {
        $day = self::day(
            self::segment(1, '12:00', 30),
            self::segment(2, '13:00', 30, isOutdoor: true),
            self::segment(3, '15:00', 30, isOutdoor: true, isAnchor: true),
        );
        $starts = static fn (PlannedDay $d): array => array_map(static fn (Segment $s): int => $s->startsAt, $d->segments);
        $this->assertSame([self::at('12:00'), self::at('15:00'), self::at('17:00')], $starts(Weather::delay($day, 120)));
        $this->assertSame([self::at('12:00'), self::at('13:00'), self::at('17:00')], $starts(Weather::delay($day, 120, self::at('14:00'))));
    }

    /** In September at 47.2° north, 9.6° east: light in the afternoon, dark at eleven. */
    public function test_hours_of_rain_give_time_and_take_light(): void
    {
        $place = GeoPoint::of(47.2, 9.6);
        $day = self::day(
            self::segment(1, '13:00', 60, isOutdoor: true),
            self::segment(2, '14:30', 30),
            self::segment(3, '15:30', 60, isOutdoor: true),
        );
        $said = static function (int $minutes) use ($day, $place): array {
            $found = [];
            foreach (DelayJudge::of($day, Weather::delay($day, $minutes), $place) as $verdict) {
                $found[$verdict->code][] = $verdict;
            }

            return $found;
        };
        // From one to eleven, but for half an hour that stays.
        $gives = $said(600)['delay.gives'][0];
        $this->assertSame('The delay gives the lead photographer 9 h 30: 13:00 to 14:30, 15:00 to 23:00.', $gives->finding);
        $this->assertStringStartsWith('Eat: no meal is planned in it; charge: one charger fills 4 cells, one after the other;', $gives->because);
        $this->assertStringContainsString('a sun that is down by then', $gives->because);
        $this->assertSame(570, $gives->figures['minutes']);
        $this->assertCount(2, $said(600)['delay.light']);
        $dark = $said(600)['delay.light'][0];
        $this->assertGreaterThan(5.0, $dark->figures['ev100_before'] - $dark->figures['ev100']);
        $this->assertStringContainsString('Grain: 1/', $dark->because);
        $this->assertStringNotContainsString('floodlights', $dark->because, 'nobody plays there');
        $this->assertMatchesRegularExpression('~3 m off with 50 mm, streaks over \d+ pixels; who stands (?:is sharp|wants)~', $dark->because);
        $this->assertSame('The last of it ends at 02:30, 13 h 30 after the first was to begin.', $said(600)['delay.home'][0]->finding);
        // An hour later it is as light, and nobody is late.
        $this->assertSame(['delay.gives'], array_keys($said(60)));
        $this->assertSame('The delay gives the lead photographer 1 h: 13:00 to 14:00.', $said(60)['delay.gives'][0]->finding);
        $this->assertStringContainsString('top the cells up', $said(60)['delay.gives'][0]->because);
        $this->assertSame([], $said(29));
        $indoors = self::day(self::segment(1, '13:00', 60));
        $this->assertSame('delay.nothing', iterator_to_array(DelayJudge::of($indoors, Weather::delay($indoors, 60), $place))[0]->code);
    }

    public function test_the_light_of_a_spot_is_told_by_its_spot_alone(): void
    {
        $codes = static fn (?int $spot): array => array_map(
            static fn (Verdict $v): string => $v->code,
            iterator_to_array(DelayJudge::of(
                $day = self::day(self::segment(1, '13:00', 60, isOutdoor: true, wants: new Wants(spotId: $spot))),
                Weather::delay($day, 600),
                GeoPoint::of(47.2, 9.6),
            )),
        );
        $this->assertContains('delay.light', $codes(null));
        $this->assertNotContains('delay.light', $codes(4));
    }

    /** The price of what is chosen: focal × speed × time ÷ distance, over 4.4 µm. */
    public function test_blur_and_grain_have_each_their_price(): void
    {
        $day = self::day(self::segment(1, '13:00', 60, isOutdoor: true, scene: SceneKind::Action));
        $found = iterator_to_array(DelayJudge::of($day, Weather::delay($day, 600), GeoPoint::of(47.2, 9.6)));
        $dark = array_values(array_filter($found, static fn (Verdict $v): bool => $v->code === 'delay.light'))[0];
        $this->assertSame(1, preg_match('~Grain: 1/1000 s wants ISO (\d+)\. Blur: ISO (\d+) wants 1/(\d+) s, and .* streaks over (\d+) pixels~',
            $dark->because, $n));
        $this->assertEqualsWithDelta(log($n[1] / $n[2], 2), log(1000 / $n[3], 2), 0.1, 'as many stops of the one as of the other');
        $this->assertEqualsWithDelta(200 * 8 / $n[3] / 20 * 1000 / 4.4, (float) $n[4], 0.5);
        $this->assertStringContainsString('Under floodlights', $dark->because);
    }

    public function test_a_segment_that_is_not_planned_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        new LateDay(self::afternoon(), 99, 10);
    }

    public function test_a_way_that_nobody_has_said_is_taken_from_the_map(): void
    {
        $points = [7 => GeoPoint::of(59.3, 18.1), 8 => GeoPoint::of(59.4, 18.1)];
        $day = new PlannedDay(self::local(), [], new Travels([]), $points, null);
        // 11.1 km (a tenth of a degree of latitude), a third more by road, 50 km/h, five minutes to park
        $this->assertEqualsWithDelta(((11.12 * 1.3) / 50) * 60 + 5, $day->likelyWay(new Site(7), new Site(8)), 1.0);
        $this->assertSame(0, $day->likelyWay(new Site(7), new Site(9)));
    }

    public function test_the_rehearsal_finds_the_thin_anchor_and_the_buffer_that_helps(): void
    {
        $day = self::day(
            self::segment(1, '14:00', 30, lowMinutes: 25, highMinutes: 60),
            self::segment(2, '14:35', 40, lowMinutes: 40, highMinutes: 40),
            self::segment(3, '15:20', 30, Priority::Must, isAnchor: true),
        );
        $rehearsal = new DayRehearsal($day, 'lead', 2000, 1);
        $rows = array_column($rehearsal->rows(), null, 'late');
        $byId = [];
        foreach ($rehearsal->rows() as $row) {
            $byId[$row->segment->id] = $row;
        }
        $this->assertNotSame([], $rows);
        $this->assertSame('14:00', $byId[1]->p50);
        $this->assertLessThan(0.9, $byId[3]->onTime);
        $buffer = $rehearsal->bestBuffer(static fn (PlannedDay $day): bool => true);
        $this->assertNotNull($buffer);
        $this->assertSame([1, 3], [$buffer->segment->id, $buffer->anchor->id]);
        $this->assertGreaterThan($buffer->before + 0.05, $buffer->after);
        $first = $byId[1]->if;
        $this->assertSame(3, $first?->anchor->id);
        $this->assertSame(1.0, $first?->after, 'the second never overruns, and five minutes lie after each');
        $this->assertSame($byId[3]->onTime, $first?->before);
        $this->assertSame($byId[3]->onTime, $byId[2]->if?->after, 'what never overruns helps nothing more');
        $this->assertNull($byId[3]->if, 'no anchor comes after it');
        $this->assertStringContainsString('on time on 100 of 100 days instead of', (string) $first?->says());
        $this->assertStringStartsWith('no more for', (string) $byId[2]->if?->says());
    }

    /** Tried before it is offered: no earlier than what comes before allows, and not where the rest of the day says no. */
    public function test_a_buffer_has_room_and_is_asked_about(): void
    {
        $rehearsed = static fn (int $endsMinutes): DayRehearsal => new DayRehearsal(self::day(
            self::segment(1, '14:00', $endsMinutes, lowMinutes: $endsMinutes, highMinutes: $endsMinutes),
            self::segment(2, '14:40', 30, lowMinutes: 25, highMinutes: 50),
            self::segment(3, '15:12', 30, Priority::Must, isAnchor: true),
        ), 'lead', 2000, 1);
        $buffer = static fn (int $ends, bool $may = true): array => [
            ($of = $rehearsed($ends)->bestBuffer(static fn (PlannedDay $day): bool => $may))?->segment->id, $of?->minutes,
        ];
        $this->assertSame([2, 10], $buffer(25));
        $this->assertSame([2, 5], $buffer(35), 'five minutes lie before it');
        $this->assertSame([2, 3], $buffer(37));
        $this->assertSame([null, null], $buffer(38), 'two are none');
        $this->assertSame([null, null], $buffer(25, false));
        $asked = [];
        $rehearsed(35)->bestBuffer(static function (PlannedDay $day) use (&$asked): bool {
            $asked[] = array_map(static fn (Segment $s): int => $s->startsAt, $day->segments);

            return true;
        });
        $this->assertContains([self::at('14:00'), self::at('14:35'), self::at('15:12')], $asked);
    }

    public function test_a_sure_day_needs_no_buffer(): void
    {
        $day = self::day(self::segment(1, '14:00', 30), self::segment(3, '18:00', 30, Priority::Must, isAnchor: true));
        $this->assertNull((new DayRehearsal($day, 'lead', 500, 1))->bestBuffer(static fn (PlannedDay $day): bool => true));
        $this->assertSame([], (new DayRehearsal($day, 'nobody', 500, 1))->rows());
    }
}
