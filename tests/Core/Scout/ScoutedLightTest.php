<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\Plan\Wants;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\SpotPlan;
use NorthSatchel\Scout\Stretches;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\Bearing;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightWanted;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Sky\SunPosition;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use NorthSatchel\Verdict;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Land, windows and open shade, each against the geometry worked out another way. */
final class ScoutedLightTest extends TestCase
{
    private static function day(): LocalDay
    {
        return LocalDay::of('2027-05-22', 'Europe/Vienna');
    }

    private static function place(): GeoPoint
    {
        return GeoPoint::of(47.1, 13.2);
    }

    private static function at(string $clock): int
    {
        return self::day()->instantOf(ClockTime::of($clock));
    }

    private static function segment(string $clock, int $minutes, LightWanted $light = LightWanted::Any, bool $isAnchor = false): Segment
    {
        return new Segment(
            id: 7,
            title: 'Portraits',
            lane: 'lead',
            startsAt: self::at($clock),
            minutes: $minutes,
            priority: Priority::Should,
            setting: new Setting(placeId: 1, placeName: 'Alm', isOutdoor: true),
            isAnchor: $isAnchor,
            wants: new Wants($light),
        );
    }

    /** @param  array<string, mixed>  $more */
    private static function spot(array $more = []): Spot
    {
        return new Spot(
            ...[
                'id' => 3,
                'name' => 'Meadow',
                'place' => self::place(),
                'facingDeg' => null,
                'isIndoor' => false,
                'things' => [],
                'skyline' => Skyline::read(''),
                'planB' => 'the hut',
                'planBTrigger' => 'thunder',
                ...$more,
            ],
        );
    }

    private static function verdict(Spot $spot, Segment $segment, string $code): ?Verdict
    {
        foreach (SpotJudge::of($spot, $segment, self::day()) as $verdict) {
            if ($verdict->code === $code) {
                return $verdict;
            }
        }

        return null;
    }

    public function test_a_skyline_runs_straight_between_its_points_and_round_through_north(): void
    {
        $skyline = Skyline::read("90 10\n 350 4\n30  8°\n");
        $this->assertSame([30.0, 90.0, 350.0], array_column($skyline->points(), 'bearing'));
        $this->assertEqualsWithDelta(9.0, $skyline->angleAt(60), 1e-9);
        $this->assertEqualsWithDelta(5.0, $skyline->angleAt(0), 1e-9, 'a quarter of the way from 350 to 30');
        $this->assertEqualsWithDelta(10 - (6 * 130) / 260, $skyline->angleAt(220), 1e-9);
        $this->assertSame(7.0, Skyline::read('180 7')->angleAt(3), 'one point holds all around');
        $this->assertEquals($skyline, Skyline::read($skyline->text()));
        $this->assertTrue(Skyline::read(" \n")->isLevel());
    }

    /** @return array<string, array{string}> */
    public static function noSkyline(): array
    {
        return [
            'one number' => ["90 10\n180"],
            'words' => ['south high'],
            'past the circle' => ['360 2'],
            'overhead' => ['10 90'],
            'three numbers' => ['10 20 30'],
            'too many' => [implode("\n", array_map(static fn (int $i): string => $i * 2 .' 3', range(0, 130)))],
        ];
    }

    #[DataProvider('noSkyline')]
    public function test_what_is_no_skyline_is_refused(string $text): void
    {
        $this->expectException(ImpossibleValue::class);
        Skyline::read($text);
    }

    public function test_the_real_sunset_is_where_the_sun_meets_the_ridge(): void
    {
        $spot = self::spot(['skyline' => Skyline::read('0 9')]);
        // The same moment by the sun's own day: when its centre falls through 9 degrees.
        $behind = (int) SunDay::of(self::place(), self::day())->evening(9);
        $sunset = (int) SunDay::of(self::place(), self::day())->sunset();
        $verdict = self::verdict($spot, self::segment('17:00', 60), 'scout.ridge');
        $this->assertNotNull($verdict);
        $this->assertStringContainsString('gone at '.self::day()->face($behind), $verdict->finding);
        $this->assertEqualsWithDelta(($sunset - $behind) / 60, $verdict->figures['minutes_before_sunset'], 1);

        $golden = self::segment(self::day()->face($behind - 1800), 50, LightWanted::Golden);
        $late = self::verdict($spot, $golden, 'scout.ridge-too-late');
        $this->assertEqualsWithDelta(20, $late?->figures['over_minutes'], 1);
        $earlier = $golden->at($golden->startsAt + 60 * (int) $late?->remedy?->on['minutes'], 50);
        $this->assertNull(self::verdict($spot, $earlier, 'scout.ridge-too-late'), 'the remedy helps');
        $this->assertNull(self::verdict(self::spot(), self::segment('17:00', 60), 'scout.ridge'), 'a level horizon keeps the sun');
        $this->assertStringContainsString(
            'never gets over',
            (string) self::verdict(self::spot(['skyline' => Skyline::read('0 80')]), self::segment('12:00', 30), 'scout.ridge')?->finding,
        );
    }

    public function test_open_shade_comes_when_a_wall_takes_the_sun(): void
    {
        $azimuth = Sun::at(self::place(), self::at('18:30'))->azimuthDeg;
        $wall = ShadowCaster::of($azimuth, 5, 30, 4);
        $spot = self::spot(['things' => ['Barn' => $wall]]);
        $verdict = self::verdict($spot, self::segment('15:00', 30), 'scout.open-shade');
        $this->assertNotNull($verdict);
        // The barn's edge by hand: half of its width seen from 5 m away.
        $enters = Stretches::where(
            static fn (float $t): float => rad2deg(atan(2 / 5)) - abs(Bearing::turn($azimuth, Sun::at(self::place(), $t)->azimuthDeg)),
            self::at('15:00'),
            self::at('20:00'),
        )[0]->from;
        $this->assertEqualsWithDelta(($enters - self::at('15:00')) / 60, $verdict->figures['wait_minutes'], 2);

        $wanting = self::segment('15:00', 30, LightWanted::OpenShade);
        $fix = self::verdict($spot, $wanting, 'scout.open-shade-later');
        $moved = $wanting->at($wanting->startsAt + 60 * (int) $fix?->remedy?->on['minutes'], 30);
        $this->assertNull(self::verdict($spot, $moved, 'scout.open-shade-later'));
        $this->assertNotNull(self::verdict(self::spot(), $wanting, 'scout.no-open-shade'), 'a bare meadow has none');
        $this->assertNull(
            self::verdict($spot, self::segment('15:00', 30, LightWanted::OpenShade, isAnchor: true), 'scout.open-shade-later')?->remedy,
        );
    }

    public function test_direct_sun_comes_in_while_it_stands_before_the_window(): void
    {
        $window = Window::of('Bay', 180, 2.2);
        $stretches = $window->sunBetween(self::place(), Skyline::read(''), self::day()->startsAt(), self::day()->endsAt());
        $this->assertCount(1, $stretches);
        $this->assertEqualsWithDelta(100, Sun::at(self::place(), $stretches[0]->from)->azimuthDeg, 0.1);
        $this->assertEqualsWithDelta(260, Sun::at(self::place(), $stretches[0]->to)->azimuthDeg, 0.1);
        // Square to the glass, the patch is the head's height over the tangent of the elevation.
        $this->assertEqualsWithDelta(2.2, (float) $window->patchM(new SunPosition(45, 180)), 1e-9);
        $this->assertEqualsWithDelta(2.2 * sqrt(3) * 0.5, (float) $window->patchM(new SunPosition(30, 120)), 1e-9);
        $this->assertNull($window->patchM(new SunPosition(30, 20)));

        $room = self::spot(['isIndoor' => true, 'windows' => [$window, Window::of('Back', 0, 2)]]);
        $this->assertStringContainsString(
            'through Bay from '.self::day()->face($stretches[0]->from),
            (string) self::verdict($room, self::segment('12:30', 40), 'scout.window-sun')?->finding,
        );
        $this->assertStringContainsString(
            'Back gives soft light',
            (string) self::verdict($room, self::segment('12:30', 40), 'scout.window-soft')?->finding,
        );
        $this->assertSame(9.5, self::verdict($room, self::segment('12:30', 40), 'scout.window-exposure')?->figures['ev100']);
        $because = (string) self::verdict($room, self::segment('12:30', 40), 'scout.window-exposure')?->because;
        $this->assertStringContainsString('Cloud takes', $because);
    }

    /** At night no window gives light, and no cloud takes any from a lamp. */
    public function test_a_window_gives_no_light_when_the_sun_is_down(): void
    {
        $room = self::spot(['isIndoor' => true, 'windows' => [Window::of('Bay', 180, 2)]]);
        $late = self::segment('23:00', 30);
        $this->assertNull(self::verdict($room, $late, 'scout.window-soft'));
        $this->assertSame('Bay gives no light during Portraits.', self::verdict($room, $late, 'scout.window-dark')?->finding);
        $sunset = SunDay::of(self::place(), self::day())->sunset() ?? 0;
        $through = self::verdict($room, self::segment(self::day()->face($sunset - 1200), 60), 'scout.window-dark');
        $this->assertSame('Bay does not give light throughout Portraits.', $through?->finding);
        $byLamps = [...SpotJudge::of($room, $late, self::day()), ...SpotJudge::of(self::spot(), $late, self::day())];
        $exposures = array_filter($byLamps, static fn (Verdict $v): bool => str_contains($v->code, 'exposure'));
        $this->assertNotSame([], $exposures);
        foreach ($exposures as $verdict) {
            $this->assertStringNotContainsString('Cloud', $verdict->because);
        }
    }

    public function test_windows_are_read_a_line_each(): void
    {
        $this->assertEquals([Window::of('Bay', 200, 2.4), Window::of('Door', 90, 2.1)], Window::readAll("Bay, 200, 2.4\n\nDoor, 90"));
        foreach (['Bay', 'Bay, wide', ', 200', 'Bay, 400', 'Bay, 20, 0', 'Bay, 20, 2, 3'] as $wrong) {
            try {
                Window::readAll($wrong);
                $this->fail("{$wrong} was taken");
            } catch (ImpossibleValue $e) {
                $this->assertSame('windows', $e->field);
            }
        }
    }

    /** Against the haversine formula, which the offset does not use. */
    public function test_an_offset_of_a_place_is_as_far_as_it_says(): void
    {
        $cases = [
            [47.1, 13.2, 300, 400, 500],
            [-62.0, 179.999, 3000, 0, 3000],
            [0.0, 0.0, -60, 80, 100],
        ];
        foreach ($cases as [$latitude, $longitude, $east, $north, $metres]) {
            $place = GeoPoint::of($latitude, $longitude);
            $this->assertEqualsWithDelta($metres, $place->kmTo($place->moved($east, $north)) * 1000, $metres / 1000);
        }
    }

    public function test_what_was_written_down_is_held_against_the_plan(): void
    {
        $segment = self::segment('15:00', 30);
        $this->assertStringContainsString(
            'cars everywhere',
            (string) self::verdict(self::spot(['rejectedBecause' => 'cars everywhere']), $segment, 'scout.rejected')?->because,
        );
        $this->assertNotNull(self::verdict(self::spot(['planB' => null]), $segment, 'scout.no-plan-b'));
        $this->assertNotNull(self::verdict(self::spot(['planBTrigger' => null]), $segment, 'scout.no-trigger'));
        $this->assertNull(self::verdict(self::spot(['scoutedOn' => '2026-12-01']), $segment, 'scout.stale'), '172 days');
        $this->assertSame(203, self::verdict(self::spot(['scoutedOn' => '2026-10-31']), $segment, 'scout.stale')?->figures['age_days']);
    }

    public function test_the_drawing_breaks_the_suns_way_behind_the_land(): void
    {
        $level = new SpotPlan(self::spot(), self::place(), self::day(), self::at('12:00'));
        $this->assertSame('', $level->sunPath()->hidden.$level->land());
        $ridge = new SpotPlan(
            self::spot(['skyline' => Skyline::read("200 0\n260 25\n320 0")]),
            self::place(),
            self::day(),
            self::at('12:00'),
        );
        $this->assertNotSame('', $ridge->sunPath()->hidden);
        $this->assertStringStartsWith('M200.0 18.0', $ridge->land(), 'no land in the north: the ring itself');
        $indoor = new SpotPlan(
            self::spot(['isIndoor' => true, 'windows' => [Window::of('Bay', 180, 2)]]),
            self::place(),
            self::day(),
            self::at('13:00'),
        );
        $this->assertTrue($indoor->windows()[0]->isSunny);
        $this->assertEqualsWithDelta(300, $indoor->windows()[0]->y, 0.1);
    }
}
