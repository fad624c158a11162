<?php

declare(strict_types=1);

namespace Tests\Core\Plan;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\ShadowForecast;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\SpotPlan;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;
use PHPUnit\Framework\TestCase;

final class SpotJudgeTest extends TestCase
{
    private static function day(): LocalDay
    {
        return LocalDay::of('2026-07-18', 'Europe/Oslo');
    }

    private static function place(): GeoPoint
    {
        return GeoPoint::of(59.9, 10.7);
    }

    private static function at(string $clock): int
    {
        return self::day()->instantOf(ClockTime::of($clock));
    }

    private static function segment(string $clock, int $minutes = 40): Segment
    {
        return new Segment(
            id: 4,
            title: 'Vows',
            lane: 'lead',
            startsAt: self::at($clock),
            minutes: $minutes,
            priority: Priority::Must,
            setting: new Setting(placeId: 1, placeName: 'Garden', isOutdoor: true),
            isAnchor: false,
        );
    }

    /**
     * @param  array<string, ShadowCaster>  $things
     * @param  list<Window>  $windows
     */
    private static function spot(
        ?float $facing = null,
        array $things = [],
        bool $isIndoor = false,
        bool $hasPlace = true,
        string $skyline = '',
        array $windows = [],
    ): Spot {
        return new Spot(
            8,
            'Under the arch',
            $hasPlace ? self::place() : null,
            $facing,
            $isIndoor,
            $things,
            Skyline::read($skyline),
            $windows,
            planB: 'the barn',
            planBTrigger: 'rain',
        );
    }

    /** A mast whose shadow falls on the spot at a given time. */
    private static function mast(string $clock): ShadowCaster
    {
        return ShadowCaster::of(Sun::at(self::place(), self::at($clock))->azimuthDeg, 12, 30, 1.0);
    }

    private static function only(Verdicts $verdicts, string $code): ?Verdict
    {
        foreach ($verdicts as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }

        return null;
    }

    public function test_a_shadow_edge_across_the_vows_is_found_at_its_minute(): void
    {
        $mast = self::mast('15:20');
        $verdict = self::only(
            SpotJudge::of(self::spot(things: ['the mast' => $mast]), self::segment('15:00'), self::day()),
            'scout.shadow-edge',
        );
        $this->assertNotNull($verdict);
        // The forecast of the same shadow, worked out another way, names the same minute.
        $forecast = ShadowForecast::of(self::place(), self::day(), Spot::FACE_M, $mast);
        $this->assertCount(1, $forecast);
        $said = [];
        preg_match('/at (\d\d:\d\d)\./', $verdict->finding, $said);
        $this->assertEqualsWithDelta($forecast[0]->from, self::at($said[1]), 61);
        $this->assertStringContainsString('The shadow of the mast falls on Vows', $verdict->finding);
    }

    public function test_its_remedies_really_help(): void
    {
        $spot = self::spot(things: ['the mast' => self::mast('15:20')]);
        $verdict = self::only(SpotJudge::of($spot, self::segment('15:00'), self::day()), 'scout.shadow-edge');
        $this->assertNotNull($verdict);
        $metres = (float) $verdict->figures['shift_m'];
        $this->assertGreaterThan(0, abs($metres));
        $azimuth = Sun::at(self::place(), self::at('15:20'))->azimuthDeg;
        $this->assertNull(
            self::only(SpotJudge::of($spot->shifted($metres, $azimuth), self::segment('15:00'), self::day()), 'scout.shadow-edge'),
        );
        $later = self::segment('15:00')->at(self::at('15:00') + 60 * (int) $verdict->figures['wait_minutes'], 40);
        $this->assertNull(self::only(SpotJudge::of($spot, $later, self::day()), 'scout.shadow-edge'));
        $this->assertSame('segment.later', $verdict->remedy?->action);
    }

    public function test_a_shadow_that_stays_away_or_covers_all_is_no_edge(): void
    {
        $this->assertNull(
            self::only(
                SpotJudge::of(self::spot(things: ['m' => self::mast('18:00')]), self::segment('15:00'), self::day()),
                'scout.shadow-edge',
            ),
        );
        $wall = ShadowCaster::of(Sun::at(self::place(), self::at('15:20'))->azimuthDeg, 4, 40, 60);
        $this->assertNull(
            self::only(SpotJudge::of(self::spot(things: ['wall' => $wall]), self::segment('15:00'), self::day()), 'scout.shadow-edge'),
        );
    }

    public function test_the_sun_in_their_eyes_is_turned_behind_them(): void
    {
        $azimuth = Sun::at(self::place(), self::at('17:20'))->azimuthDeg;
        $verdict = self::only(SpotJudge::of(self::spot($azimuth + 20), self::segment('17:00'), self::day()), 'scout.sun-in-eyes');
        $this->assertNotNull($verdict);
        $better = (float) $verdict->figures['better_deg'];
        $this->assertEqualsWithDelta(180, abs($better - $azimuth), 1.0);
        $this->assertSame(['spot' => 8, 'facing' => (int) $better], $verdict->remedy?->on);
        $this->assertNull(self::only(SpotJudge::of(self::spot($better), self::segment('17:00'), self::day()), 'scout.sun-in-eyes'));
    }

    public function test_in_the_shade_or_at_night_nobody_is_blinded(): void
    {
        $azimuth = Sun::at(self::place(), self::at('17:20'))->azimuthDeg;
        $wall = ShadowCaster::of($azimuth, 4, 40, 60);
        $this->assertNull(
            self::only(SpotJudge::of(self::spot($azimuth, ['wall' => $wall]), self::segment('17:00'), self::day()), 'scout.sun-in-eyes'),
        );
        $this->assertNull(self::only(SpotJudge::of(self::spot(0), self::segment('23:55'), self::day()), 'scout.sun-in-eyes'));
    }

    public function test_exposure_is_expected_by_the_height_of_the_sun(): void
    {
        $noon = self::only(
            SpotJudge::of(self::spot(Sun::at(self::place(), self::at('13:20'))->azimuthDeg), self::segment('13:00'), self::day()),
            'scout.exposure',
        );
        $late = self::only(SpotJudge::of(self::spot(0.0), self::segment('22:15'), self::day()), 'scout.exposure');
        $this->assertGreaterThan((float) $late?->figures['ev100'] + 3, (float) $noon?->figures['ev100']);
    }

    public function test_indoors_says_nothing_and_without_coordinates_it_says_what_is_missing(): void
    {
        $this->assertCount(0, SpotJudge::of(self::spot(isIndoor: true), self::segment('15:00'), self::day()));
        $this->assertTrue(SpotJudge::of(self::spot(hasPlace: false), self::segment('15:00'), self::day())->has('scout.no-coordinates'));
    }

    public function test_a_shift_moves_things_the_other_way(): void
    {
        $spot = self::spot(things: ['tree' => ShadowCaster::of(0, 10, 5, 1)]);
        $tree = $spot->shifted(10, 0)->things['tree'];
        $this->assertEqualsWithDelta(
            315,
            $tree->bearingDeg,
            1e-9,
            'ten metres to the right of north, a tree in the north stands north-west',
        );
        $this->assertEqualsWithDelta(sqrt(200), $tree->distanceM, 1e-9);
    }

    /** Air mass 1 at the zenith, about 38 at the horizon (F. Kasten and A. T. Young, 1989, from memory). */
    public function test_air_mass(): void
    {
        $this->assertEqualsWithDelta(1.0, ClearSky::airMass(90), 0.001);
        $this->assertEqualsWithDelta(1.41, ClearSky::airMass(45), 0.01);
        $this->assertEqualsWithDelta(5.6, ClearSky::airMass(10), 0.1);
        $this->assertEqualsWithDelta(38, ClearSky::airMass(0), 0.5);
    }

    /** Within half a stop of the scene table at 45°, falling steeply below 10°. */
    public function test_clear_sky_joins_the_scene_table(): void
    {
        $this->assertEqualsWithDelta(Scene::Sun->ev100(), ClearSky::ev100(45), 0.5);
        $this->assertEqualsWithDelta(Scene::OpenShade->ev100(), ClearSky::shadeEv100(45), 0.5);
        $this->assertLessThan(0.6, ClearSky::ev100(45) - ClearSky::ev100(20));
        $this->assertGreaterThan(2.0, ClearSky::ev100(10) - ClearSky::ev100(2));
        $this->assertLessThan(ClearSky::ev100(0), ClearSky::ev100(-4));
    }

    public function test_a_starting_exposure_meets_its_ev_within_a_third_of_a_stop(): void
    {
        foreach ([15.0, 12.0, 9.3, 6.0] as $ev) {
            $start = ClearSky::startingExposure($ev);
            $this->assertEqualsWithDelta($ev, log(($start->fNumber ** 2 * $start->shutter * 100) / $start->iso, 2), 0.2, "EV {$ev}");
        }
    }

    public function test_the_drawing_puts_sun_thing_and_shadow_in_line(): void
    {
        $plan = new SpotPlan(self::spot(90, ['tree' => ShadowCaster::of(90, 10, 5, 2)]), self::place(), self::day(), self::at('09:00'));
        $mark = $plan->sunMark();
        $this->assertNotNull($mark);
        $this->assertEqualsWithDelta($plan->sun()->azimuthDeg, fmod(rad2deg(atan2($mark->x - 200, 200 - $mark->y)) + 360, 360), 0.1);
        $tree = $plan->things()[0];
        $this->assertEqualsWithDelta(200.0, $tree->y, 0.1, 'a thing in the east lies to the right');
        $this->assertGreaterThan(200.0, $tree->x);
        [$left, , , $fallen] = array_map(static fn (string $p): array => explode(',', $p), explode(' ', $tree->shadow));
        $this->assertLessThan((float) $left[0], (float) $fallen[0], 'a morning shadow falls to the west');
        $this->assertNull((new SpotPlan(self::spot(), self::place(), self::day(), self::at('01:00')))->sunMark());
        $this->assertGreaterThan(15, count($plan->hours()));
        $this->assertSame(246.0, $plan->facing()->x ?? null);
    }

    public function test_what_has_no_spot_is_asked_for_as_the_job_goes(): void
    {
        $said = static fn (bool $hasPosts, bool $hasPeriods): string => (string) SpotJudge::noneScouted(['Parade'], $hasPosts, $hasPeriods)?->because;
        $this->assertStringStartsWith('It is outdoors: put in a spot,', $said(false, false));
        $this->assertStringStartsWith('It is outdoors: draw the ground and its posts, or put in a spot,', $said(true, false));
        $this->assertStringStartsWith('It is outdoors: mark it as played at the posts of the ground, or put in a spot,', $said(true, true));
        $this->assertNull(SpotJudge::noneScouted([], true));
    }
}
