<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Scout\ShadowCaster;
use NorthSatchel\Scout\ShadowForecast;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\LightHours;
use NorthSatchel\Time\LocalDay;
use PHPUnit\Framework\TestCase;
use Tests\Core\Sky\ReferenceSun;

final class ShadowTest extends TestCase
{
    private const PLACE = [59.3, 18.1];

    private static function day(): LocalDay
    {
        return LocalDay::of('2026-06-21', 'Europe/Stockholm');
    }

    /** @return list<LightHours> */
    private static function forecast(ShadowCaster $thing, float $subject = 1.5): array
    {
        return ShadowForecast::of(GeoPoint::of(...self::PLACE), self::day(), $subject, $thing);
    }

    /** Reference: azimuth and elevation at the edges by astronomy-engine; the geometry by hand. */
    public function test_a_mast_shades_while_the_sun_stands_behind_it(): void
    {
        $mast = ShadowCaster::of(bearingDeg: 200, distanceM: 10, heightM: 40, widthM: 2);
        $intervals = self::forecast($mast);
        $this->assertCount(1, $intervals);
        $questions = array_map(
            static fn (int $at): array => ['ask' => 'position', 'latitude' => self::PLACE[0], 'longitude' => self::PLACE[1], 'unix' => $at],
            [$intervals[0]->from, $intervals[0]->to],
        );
        [$in, $out] = ReferenceSun::ask($questions);
        $half = rad2deg(atan(0.1));
        $this->assertEqualsWithDelta(200 - $half, $in['azimuth'], 0.03);
        $this->assertEqualsWithDelta(200 + $half, $out['azimuth'], 0.03);
        $this->assertLessThan(rad2deg(atan(38.5 / 10)), $in['elevation']);
    }

    public function test_a_wide_low_wall_shades_while_the_sun_is_low(): void
    {
        $wall = ShadowCaster::of(bearingDeg: 300, distanceM: 5, heightM: 3, widthM: 60);
        $intervals = self::forecast($wall);
        $this->assertCount(1, $intervals);
        $questions = array_map(
            static fn (int $at): array => ['ask' => 'position', 'latitude' => self::PLACE[0], 'longitude' => self::PLACE[1], 'unix' => $at],
            [$intervals[0]->from, $intervals[0]->to],
        );
        [$in, $out] = ReferenceSun::ask($questions);
        $this->assertEqualsWithDelta(rad2deg(atan(1.5 / 5)), $in['elevation'], 0.03, 'the sun goes below the top of the wall');
        $this->assertEqualsWithDelta(0.0, $out['elevation'], 0.03, 'and sets');
    }

    public function test_a_thing_no_higher_than_the_face_or_in_the_north_shades_nothing(): void
    {
        $this->assertSame([], self::forecast(ShadowCaster::of(200, 10, 1.5, 2)));
        $this->assertSame([], self::forecast(ShadowCaster::of(200, 10, 1.0, 2)));
        $this->assertSame([], self::forecast(ShadowCaster::of(0, 10, 40, 2)));
    }

    public function test_bearings_wrap_around_north(): void
    {
        $place = GeoPoint::of(-33.9, 151.2);
        $intervals = ShadowForecast::of($place, LocalDay::of('2026-06-21', 'Australia/Sydney'), 0, ShadowCaster::of(359, 10, 40, 10));
        $this->assertCount(1, $intervals, 'the southern noon sun stands in the north');
        $this->assertGreaterThan(90 * 60, $intervals[0]->to - $intervals[0]->from);
    }

    public function test_impossible_things_are_refused(): void
    {
        foreach ([[360, 1, 1, 1], [-1, 1, 1, 1], [0, 0, 1, 1], [0, 1, -1, 1], [0, 1, 1, 0]] as $numbers) {
            try {
                ShadowCaster::of(...$numbers);
                $this->fail('It was taken.');
            } catch (ImpossibleValue $e) {
                $this->assertStringContainsString('must', $e->must);
            }
        }
    }
}
