<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\DayPasses;
use NorthSatchel\Plan\Judge\ChainJudge;
use NorthSatchel\Plan\PlanJudge;
use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Travels;
use NorthSatchel\SceneKind;
use NorthSatchel\Severity;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;

final class PlanJudgeTest extends TestCase
{
    private const HALL = 1;

    private const GARDEN = 2;

    private const FAR = 3;

    /** @param  list<Segment>  $segments */
    private function judge(array $segments, ?SunDay $sun = null): Verdicts
    {
        $day = $this->day($segments, $sun ?? $this->sun());

        return PlanJudge::concluded($day, PlanJudge::of($day));
    }

    /** @param  list<Segment>  $segments */
    private function day(array $segments, ?SunDay $sun): PlannedDay
    {
        $points = [
            self::HALL => GeoPoint::of(63.182, 14.551),
            self::GARDEN => GeoPoint::of(63.184, 14.553),
            self::FAR => GeoPoint::of(63.4, 14.9),
        ];

        return new PlannedDay(self::local(), $segments, new Travels([self::HALL => [self::GARDEN => 15]]), $points, $sun);
    }

    private static function local(): LocalDay
    {
        return LocalDay::of('2026-09-12', 'Europe/Stockholm');
    }

    private function sun(): SunDay
    {
        return SunDay::of(GeoPoint::of(63.182, 14.551), self::local());
    }

    private static function segment(
        int $id,
        string $clock,
        int $minutes,
        int $place = self::HALL,
        bool $isOutdoor = false,
        bool $isAnchor = false,
        string $lane = 'lead',
        int $shotMinutes = 0,
    ): Segment {
        return new Segment(
            id: $id,
            title: "Part {$id}",
            lane: $lane,
            startsAt: self::local()->instantOf(ClockTime::of($clock)),
            minutes: $minutes,
            priority: Priority::Must,
            setting: new Setting(placeId: $place, placeName: "Place {$place}", isOutdoor: $isOutdoor),
            isAnchor: $isAnchor,
            shotMinutes: $shotMinutes,
        );
    }

    private static function only(Verdicts $verdicts, string $code): Verdict
    {
        foreach ($verdicts as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }
        self::fail("No {$code} among ".implode(', ', array_map(static fn (Verdict $v): string => $v->code, iterator_to_array($verdicts))));
    }

    public function test_an_overlap_is_a_stop_with_the_minutes_and_a_later_start(): void
    {
        $verdict = self::only($this->judge([self::segment(1, '10:00', 40), self::segment(2, '10:25', 20)]), 'plan.overlap');
        $this->assertSame(Severity::Stop, $verdict->severity);
        $this->assertSame(15, $verdict->figures['overlap_minutes']);
        $this->assertSame('segment.later', $verdict->remedy?->action);
        $this->assertSame(['segment' => 2, 'minutes' => 15], $verdict->remedy->on);
        $this->assertStringContainsString('10:40', $verdict->because);
        $this->assertSame('Start Part 2 at 10:40', $verdict->remedy->label);
        $both = $this->judge([self::segment(1, '10:00', 40), self::segment(2, '10:25', 20)]);
        $this->assertFalse($both->has('plan.holds'), 'a day with something open does not hold');
        $this->assertFalse($this->judge([])->has('plan.holds'), 'nor does an empty one');
    }

    public function test_before_an_anchor_the_earlier_segment_is_cut_instead(): void
    {
        $verdict = self::only($this->judge([self::segment(1, '10:00', 40), self::segment(2, '10:25', 20, isAnchor: true)]), 'plan.overlap');
        $this->assertSame('segment.shorten', $verdict->remedy?->action);
        $this->assertSame(['segment' => 1, 'minutes' => 25], $verdict->remedy->on);
    }

    public function test_an_overlap_at_another_place_makes_room_for_the_way_too(): void
    {
        $verdict = self::only($this->judge([self::segment(1, '10:00', 40), self::segment(2, '10:30', 20, self::GARDEN)]), 'plan.overlap');
        $this->assertSame(25, $verdict->remedy?->on['minutes'], '10 min of overlap and 15 min of way');
    }

    public function test_two_photographers_may_work_at_the_same_time(): void
    {
        $verdicts = $this->judge([self::segment(1, '10:00', 40), self::segment(2, '10:10', 40, lane: 'second')]);
        $this->assertFalse($verdicts->has('plan.overlap'));
        $this->assertTrue($verdicts->has('plan.holds'));
    }

    public function test_a_way_that_does_not_fit_is_a_stop(): void
    {
        $verdict = self::only(
            $this->judge([self::segment(1, '10:00', 30), self::segment(2, '10:40', 30, self::GARDEN)]),
            'plan.travel-too-long',
        );
        $this->assertSame(15, $verdict->figures['travel_minutes']);
        $this->assertSame(10, $verdict->figures['gap_minutes']);
        $this->assertSame(5, $verdict->remedy?->on['minutes']);
    }

    public function test_the_way_back_takes_as_long(): void
    {
        $verdicts = $this->judge([self::segment(1, '10:00', 30, self::GARDEN), self::segment(2, '10:40', 30)]);
        $this->assertTrue($verdicts->has('plan.travel-too-long'));
    }

    public function test_an_unknown_way_is_asked_for_with_an_estimate_from_the_map(): void
    {
        $verdict = self::only($this->judge([self::segment(1, '10:00', 30), self::segment(2, '12:00', 30, self::FAR)]), 'plan.no-travel');
        $this->assertSame(Severity::Fix, $verdict->severity);
        $this->assertSame('travel.set', $verdict->remedy?->action);
        $this->assertSame(self::HALL, $verdict->remedy->on['from']);
        $this->assertSame(self::FAR, $verdict->remedy->on['to']);
        // 29.9 km in a straight line (haversine by hand), a third more by road, 50 km/h, five minutes to park
        $this->assertEqualsWithDelta(((29.9 * 1.3) / 50) * 60 + 5, $verdict->remedy->on['minutes'], 1.5);
    }

    /** There, back, and once more: one question, at the tightest; and nothing is said of slack that hangs on its answer. */
    public function test_a_way_that_nobody_knows_is_asked_for_once_and_no_slack_is_claimed_before(): void
    {
        $off = 77;
        $segments = [
            self::segment(1, '10:00', 30),
            self::segment(2, '10:40', 20),
            self::segment(3, '11:15', 20, $off, isAnchor: true),
            self::segment(4, '11:45', 20),
            self::segment(5, '12:15', 30, isAnchor: true),
        ];
        $day = static fn (array $given): PlannedDay => new PlannedDay(self::local(), $given, new Travels([]), [], null);
        $asked = array_values(
            array_filter(iterator_to_array(PlanJudge::of($day($segments))), static fn (Verdict $v): bool => $v->code === 'plan.no-travel'),
        );
        $this->assertCount(1, $asked);
        $this->assertSame('How long is the way from Place 1 to Place 77?', $asked[0]->finding);
        $this->assertSame(
            'Nobody has said, and it lies between Part 3 and Part 4, 10 min apart, and once more. Type it under Ways below, or put Place 1 '.
                'and Place 77 on the map under Scout.',
            $asked[0]->because,
        );
        $asks = static fn (array $given, array $map): array => array_values(
            array_map(
                static fn (Verdict $v): string => $v->because,
                iterator_to_array(
                    PlanJudge::of(new PlannedDay(self::local(), $given, new Travels([]), $map, null)),
                ),
            ),
        );
        $atOnce = [self::segment(1, '10:00', 30), self::segment(2, '10:30', 20, $off)];
        $this->assertSame(
            [
                'Nobody has said, and it lies between Part 1 and Part 2, 0 min apart. Type it under Ways below, or put Place 77 on the map '.
                    'under Scout.',
            ],
            $asks($atOnce, [self::HALL => GeoPoint::of(63.1, 14.5)]),
            'one end on the map is not enough',
        );
        $slack = static fn (array $given): array => array_map(
            static fn (int $id): ?int => DayPasses::of($day($given))->slack($id),
            [1, 2, 4],
        );
        $this->assertSame([null, null, 10], $slack($segments), 'what lies before the way; what follows it is known');
        $this->assertCount(0, array_filter(
            iterator_to_array(ChainJudge::of($day(array_slice($segments, 0, 3)))),
            static fn (Verdict $v): bool => $v->code === 'plan.critical-chain',
        ));
        $segments[2] = self::segment(3, '11:15', 20, isAnchor: true);
        $this->assertSame([25, 15, 10], $slack($segments));
        $this->assertCount(1, iterator_to_array(ChainJudge::of($day(array_slice($segments, 0, 3)))));
    }

    public function test_a_segment_without_a_place_is_where_the_one_before_was(): void
    {
        $nowhere = new Segment(
            id: 2,
            title: 'Breather',
            lane: 'lead',
            startsAt: self::local()->instantOf(ClockTime::of('10:30')),
            minutes: 20,
            priority: Priority::Nice,
            setting: new Setting(placeId: null, placeName: null, isOutdoor: false),
            isAnchor: false,
        );
        $verdicts = $this->judge([self::segment(1, '10:00', 30), $nowhere, self::segment(3, '10:55', 20, self::GARDEN)]);
        $this->assertTrue($verdicts->has('plan.travel-too-long'), 'five minutes for a way of fifteen');
    }

    public function test_an_outdoor_segment_that_runs_into_the_dark_is_found_with_the_minutes(): void
    {
        $sunset = (int) $this->sun()->sunset();
        $start = self::local()->face($sunset - 20 * 60);
        $verdict = self::only($this->judge([self::segment(1, $start, 60, isOutdoor: true)]), 'plan.after-sunset');
        $this->assertEqualsWithDelta(40, $verdict->figures['minutes_after_sunset'], 1);
        $this->assertSame(-$verdict->figures['minutes_after_sunset'], $verdict->remedy?->on['minutes']);
        $this->assertStringContainsString(self::local()->face($sunset), $verdict->because);
    }

    public function test_indoors_the_sunset_does_not_matter(): void
    {
        $this->assertFalse($this->judge([self::segment(1, '22:00', 60)])->has('plan.after-sunset'));
    }

    public function test_before_sunrise_is_found_as_well(): void
    {
        $sunrise = (int) $this->sun()->sunrise();
        $this->assertTrue($this->judge([self::segment(1, self::local()->face($sunrise - 900), 30, isOutdoor: true)])->has('plan.before-sunrise'));
        $rest = new Segment(1, 'Tea', 'lead', $sunrise - 7200, 30, Priority::Should, new Setting(1, 'House', true), isBreak: true);
        $this->assertFalse($this->judge([$rest])->has('plan.before-sunrise'), 'nobody photographs in a rest');
    }

    /** Sparklers are not lit by daylight, and what begins after the last light is not late for it. */
    public function test_what_is_meant_for_the_dark_is_not_too_late_for_daylight(): void
    {
        $dusk = (int) $this->sun()->evening(-6);
        $face = self::local()->face(...);
        $dark = $this->judge([self::segment(1, $face($dusk + 120), 30, isOutdoor: true)]);
        $this->assertFalse($dark->has('plan.after-sunset'));
        $meant = self::only($dark, 'plan.in-the-dark')->remedy;
        $this->assertSame(['segment.light', ['segment' => 1, 'light' => 'dark']], [$meant?->action, $meant?->on]);
        $blue = self::segment(1, $face($dusk - 600), 30, isOutdoor: true);
        $this->assertTrue($this->judge([$blue])->has('plan.after-sunset'), 'it begins in the last light');
        foreach (['Blue hour on the pier', 'Sparkler exit', 'Fireworks'] as $title) {
            $named = new Segment(1, $title, 'lead', $blue->startsAt, 30, Priority::Should, new Setting(1, 'House', true));
            $found = $this->judge([$named]);
            $this->assertFalse($found->has('plan.after-sunset'), $title);
            $this->assertNull(self::only($found, 'plan.in-the-dark')->remedy, 'the dark begins only after it');
        }
        $at = static fn (int $id, string $title, int $start): Segment => new Segment($id, $title, 'lead', $start, 30, Priority::Should,
            new Setting(1, 'House', true, scene: SceneKind::of($title)),
        );
        $match = $this->judge([$at(1, 'First half', $dusk + 60), $at(2, 'Second half', $dusk + 3600), $at(3, 'Portraits', $dusk + 7200)]);
        $codes = array_map(static fn (Verdict $v): string => "{$v->severity->value} {$v->code}", iterator_to_array($match));
        $this->assertSame(['fix plan.in-the-dark', 'mind plan.in-the-dark'], array_values(array_filter(
            $codes,
            static fn (string $c): bool => str_ends_with($c, 'in-the-dark'),
        )));
        $once = array_values(array_filter(iterator_to_array($match), static fn (Verdict $v): bool => $v->severity === Severity::Mind &&
            $v->code === 'plan.in-the-dark'))[0];
        $this->assertSame('First half, Second half are outdoors without daylight.', $once->finding);
        $sunrise = (int) $this->sun()->sunrise();
        $early = new Segment(1, 'Sunrise over the bay', 'lead', $sunrise - 900, 30, Priority::Should, new Setting(1, 'House', true));
        $this->assertFalse($this->judge([$early])->has('plan.before-sunrise'));
    }

    public function test_without_coordinates_the_light_verdict_says_what_is_missing(): void
    {
        $verdicts = PlanJudge::of($this->day([self::segment(1, '22:00', 60, isOutdoor: true)], null));
        $this->assertTrue($verdicts->has('plan.no-coordinates'));
    }

    public function test_more_shots_than_minutes_are_found(): void
    {
        $verdict = self::only($this->judge([self::segment(1, '10:00', 20, shotMinutes: 31)]), 'plan.shots-too-long');
        $this->assertSame(11, $verdict->figures['over_minutes']);
        $this->assertSame(31, $verdict->remedy?->on['minutes']);
    }

    public function test_a_thin_anchor_names_the_time_to_leave(): void
    {
        $verdict = self::only(
            $this->judge([self::segment(1, '10:00', 30), self::segment(2, '10:50', 30, self::GARDEN, isAnchor: true)]),
            'plan.thin',
        );
        $this->assertSame(Severity::Mind, $verdict->severity);
        $this->assertSame(5, $verdict->figures['slack_minutes']);
        $this->assertStringContainsString('leave by 10:35', $verdict->because);
        $this->assertSame(['segment.shorten', 25], [$verdict->remedy?->action, $verdict->remedy?->on['minutes']], 'until ten are left');
        $at = fn (string $clock, int $place): Verdict => self::only(
            $this->judge([self::segment(1, '10:00', 30), self::segment(2, $clock, 30, $place, isAnchor: true)]),
            $clock === '10:44' ? 'plan.travel-too-long' : 'plan.thin',
        );
        $this->assertSame(Severity::Mind, $at('10:46', self::GARDEN)->severity);
        $this->assertSame(Severity::Fix, $at('10:45', self::GARDEN)->severity, 'the way must go to the minute');
        $this->assertSame(20, $at('10:45', self::GARDEN)->remedy?->on['minutes']);
        $this->assertSame(19, $at('10:44', self::GARDEN)->remedy?->on['minutes'], 'one minute too few, and ten to spare');
        $this->assertSame(Severity::Mind, $at('10:30', self::HALL)->severity, 'one is there already');
        $this->assertNull($at('10:30', self::HALL)->remedy);
        $this->assertSame(
            'The way from Part 1 to Place '.self::GARDEN.' takes 15 min, and only 14 min lie between them.',
            $at('10:44', self::GARDEN)->because,
            'of setting up nothing is said where there is none',
        );
        $near = new PlannedDay(
            self::local(),
            [self::segment(1, '10:00', 30), self::segment(2, '10:31', 30, self::GARDEN, isAnchor: true)],
            new Travels([self::HALL => [self::GARDEN => 1]]),
            [],
            null,
        );
        $this->assertSame(20, self::only(PlanJudge::of($near), 'plan.thin')->remedy?->on['minutes'], 'a minute of way is a way');
    }

    public function test_a_day_that_holds_names_its_thinnest_spot(): void
    {
        $alone = self::only($this->judge([self::segment(1, '12:00', 30)]), 'plan.holds');
        $this->assertStringEndsWith('Each photographer has one at the most, and none runs into the dark.', $alone->because);
        $blind = $this->day([self::segment(1, '12:00', 30)], null);
        $said = self::only(PlanJudge::concluded($blind, PlanJudge::of($blind)), 'plan.holds')->because;
        $this->assertStringEndsWith('Each photographer has one at the most.', $said, 'where nobody knows the sun nothing is said of the dark');
        $verdict = self::only($this->judge([self::segment(1, '10:00', 30), self::segment(2, '11:00', 30, self::GARDEN)]), 'plan.holds');
        $this->assertSame(15, $verdict->figures['least_slack_minutes']);
    }

    public function test_the_worst_comes_first(): void
    {
        $verdicts = iterator_to_array(
            $this->judge([self::segment(1, '04:00', 90, isOutdoor: true, shotMinutes: 100), self::segment(2, '05:00', 20)]),
        );
        $ranks = array_map(static fn (Verdict $v): int => $v->severity->rank(), $verdicts);
        $sorted = $ranks;
        sort($sorted);
        $this->assertSame($sorted, $ranks);
        $this->assertSame('plan.overlap', $verdicts[0]->code);
    }

    public function test_a_segment_of_no_length_is_refused(): void
    {
        $this->expectException(ImpossibleValue::class);
        self::segment(1, '10:00', 0);
    }
}
