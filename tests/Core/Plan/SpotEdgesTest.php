<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Plan\Light\SpotChoice;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\Light\SpotRecord;
use NorthSatchel\Plan\Light\SpotTry;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** The limits of what is said of a spot. */
final class SpotEdgesTest extends TestCase
{
    private const DATE = '2027-06-12';

    private static function day(): LocalDay
    {
        return LocalDay::of(self::DATE, 'Europe/Vienna');
    }

    private static function place(): GeoPoint
    {
        return GeoPoint::of(47.2, 9.6);
    }

    private static function at(string $clock): int
    {
        return self::day()->instantOf(ClockTime::of($clock));
    }

    private static function segment(string $clock, int $minutes = 40, LightWanted $light = LightWanted::Any, bool $isAnchor = false): Segment
    {
        return new Segment(
            1, 'Vows', 'lead', self::at($clock), $minutes, Priority::Must, new Setting(1, 'Court', true), $isAnchor, wants: new Wants($light),
        );
    }

    /**
     * @param  array<string, ShadowCaster>  $things
     * @param  list<Window>  $windows
     */
    private static function spot(
        ?float $facing = null,
        array $things = [],
        string $skyline = '',
        bool $isIndoor = false,
        array $windows = [],
        ?string $planB = 'the barn',
        ?string $trigger = 'rain',
        ?string $rejected = null,
        ?string $scouted = null,
    ): Spot {
        $land = Skyline::read($skyline);

        return new Spot(1, 'Arch', self::place(), $facing, $isIndoor, $things, $land, $windows, $planB, $trigger, $rejected, $scouted);
    }

    /** @return list<string> */
    private static function codes(iterable $found): array
    {
        return array_map(static fn (Verdict $v): string => $v->code, [...$found]);
    }

    private static function only(iterable $found, string $code): ?Verdict
    {
        return array_values(array_filter([...$found], static fn (Verdict $v): bool => $v->code === $code))[0] ?? null;
    }

    #[TestWith([49.9, true])]
    #[TestWith([50.1, false])]
    #[TestWith([-49.9, true])]
    #[TestWith([-50.1, false])]
    public function test_within_fifty_degrees_the_sun_is_in_their_eyes(float $aside, bool $is): void
    {
        $sun = Sun::at(self::place(), self::at('17:20'));
        $this->assertLessThan(60, $sun->elevationDeg);
        $found = SpotJudge::of(self::spot(fmod($sun->azimuthDeg + $aside + 360, 360)), self::segment('17:00'), self::day());
        $this->assertSame($is, in_array('scout.sun-in-eyes', self::codes($found), true));
    }

    /** At noon in June it stands 66° high at 47° north: nobody looks into it. */
    public function test_a_high_sun_shines_into_nobody_s_eyes(): void
    {
        $sun = Sun::at(self::place(), self::at('13:20'));
        $this->assertGreaterThan(60, $sun->elevationDeg);
        $found = SpotJudge::of(self::spot($sun->azimuthDeg), self::segment('13:00'), self::day());
        $this->assertNotContains('scout.sun-in-eyes', self::codes($found));
    }

    public function test_what_is_written_down_of_a_spot(): void
    {
        $codes = static fn (Spot $s): array => self::codes(SpotRecord::of($s, self::segment('15:00'), self::day()));
        $this->assertSame([], $codes(self::spot()));
        $this->assertSame(['scout.no-plan-b'], $codes(self::spot(planB: null, trigger: null)));
        $this->assertSame([], $codes(self::spot(planB: null, trigger: null, isIndoor: true)), 'under a roof there is none to want');
        $this->assertSame(['scout.no-trigger'], $codes(self::spot(trigger: null)));
        $this->assertSame(['scout.rejected'], $codes(self::spot(rejected: 'bins')));
        $this->assertSame([], $codes(self::spot(scouted: '2026-12-14')), '180 days before');
        $this->assertSame(['scout.stale'], $codes(self::spot(scouted: '2026-12-13')), '181 days before');
        $this->assertSame([], $codes(self::spot(scouted: '2027-06-20')), 'looked at afterwards');
    }

    /** The edge stands at the last minute of the segment: found; one minute later: not. */
    public function test_an_edge_at_the_last_minute_counts(): void
    {
        $mast = ShadowCaster::of(Sun::at(self::place(), self::at('15:20'))->azimuthDeg, 12, 30, 1.0);
        $spot = self::spot(things: ['mast' => $mast]);
        $edge = self::only(SpotJudge::of($spot, self::segment('15:00'), self::day()), 'scout.shadow-edge');
        $this->assertSame(1, preg_match('/at (\d\d):(\d\d)\./', (string) $edge?->finding, $said));
        $minutes = 60 * ((int) $said[1] - 15) + (int) $said[2];
        $this->assertNotNull(self::only(SpotJudge::of($spot, self::segment('15:00', $minutes), self::day()), 'scout.shadow-edge'));
        $this->assertNull(self::only(SpotJudge::of($spot, self::segment('15:00', $minutes - 1), self::day()), 'scout.shadow-edge'));
        // Waiting goes in steps of five minutes, and the shift is the shortest of half metres that helps.
        $wait = (int) $edge?->figures['wait_minutes'];
        $this->assertSame(0, $wait % 5);
        $earlier = self::segment('15:00')->at(self::at('15:00') + 60 * ($wait - 5), 40);
        $this->assertNotNull(self::only(SpotJudge::of($spot, $earlier, self::day()), 'scout.shadow-edge'), 'five minutes less do not do');
        $shift = (float) $edge?->figures['shift_m'];
        $azimuth = Sun::at(self::place(), (int) (self::at('15:00') + 60 * $minutes))->azimuthDeg;
        $less = $spot->shifted($shift > 0 ? $shift - 0.5 : $shift + 0.5, $azimuth);
        $found = self::only(SpotJudge::of($less, self::segment('15:00'), self::day()), 'scout.shadow-edge');
        $this->assertNotNull($found, 'nor does half a metre less');
        $fixed = self::only(SpotJudge::of($spot, self::segment('15:00', isAnchor: true), self::day()), 'scout.shadow-edge');
        $this->assertNull($fixed?->remedy, 'what does not move is not started later');
    }

    public function test_open_shade_that_comes_later_is_waited_for_to_the_minute(): void
    {
        // A wall that throws its shadow over the spot from some minute in the afternoon on.
        $wall = ShadowCaster::of(Sun::at(self::place(), self::at('18:30'))->azimuthDeg, 6, 12, 4);
        $spot = self::spot(things: ['wall' => $wall]);
        $found = self::only(SpotJudge::of($spot, self::segment('16:00', 30, LightWanted::OpenShade), self::day()), 'scout.open-shade-later');
        $this->assertNotNull($found);
        $wait = (int) $found->figures['wait_minutes'];
        $this->assertGreaterThan(10, $wait);
        $this->assertSame(['segment' => 1, 'minutes' => $wait], $found->remedy?->on);
        $then = self::segment('16:00', 30, LightWanted::OpenShade)->at(self::at('16:00') + 60 * $wait, 30);
        $this->assertNull(self::only(SpotJudge::of($spot, $then, self::day()), 'scout.open-shade-later'), 'it helps');
        $before = self::segment('16:00', 30, LightWanted::OpenShade)->at(self::at('16:00') + 60 * ($wait - 2), 30);
        $this->assertNotNull(self::only(SpotJudge::of($spot, $before, self::day()), 'scout.open-shade-later'), 'two minutes less do not');
        $anchor = self::segment('16:00', 30, LightWanted::OpenShade, true);
        $this->assertNull(self::only(SpotJudge::of($spot, $anchor, self::day()), 'scout.open-shade-later')?->remedy);
    }

    public function test_a_choice_says_light_room_ground_power_and_way(): void
    {
        $spot = self::spot();
        $try = static fn (?float $room, int $way, ?string $power, ?string $ground): SpotTry => new SpotTry(
            $spot,
            false,
            [],
            $way,
            $room,
            $power,
            $ground,
        );
        $says = static fn (SpotTry $t): string => SpotChoice::ranked(self::segment('16:00'), [$t])[0]->says();
        $plain = $says($try(null, 0, null, null));
        $this->assertStringStartsWith('EV 12', $plain);
        $this->assertStringNotContainsString('; ', $plain);
        $this->assertStringEndsWith(
            '; 6 m to step back; behind them: bins; power: one socket; 1 min of way',
            $says($try(6.0, 1, 'one socket', 'bins')),
        );
        $mind = Verdict::mind('plan.sight-near', 'They may meet.', '');
        $weights = array_map(
            static fn (SpotTry $t): int => SpotChoice::ranked(self::segment('16:00'), [$t])[0]->weight,
            [$try(null, 0, null, null), $try(null, 0, null, 'bins'), new SpotTry(self::spot(), false, [$mind, $mind], 0)],
        );
        $this->assertSame([0, 2, 2], $weights);
        $this->assertSame(
            '15:55',
            SpotChoice::ranked(self::segment('16:00'), [$try(null, 4, null, null)])[0]->decideBy(self::segment('16:00'), self::day()),
        );
        $this->assertSame(
            '15:54',
            SpotChoice::ranked(self::segment('16:00'), [$try(null, 6, null, null)])[0]->decideBy(self::segment('16:00'), self::day()),
        );
    }
}
