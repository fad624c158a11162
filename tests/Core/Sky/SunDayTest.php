<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Sky\SunDay;
use NorthSatchel\Time\LocalDay;
use PHPUnit\Framework\TestCase;

final class SunDayTest extends TestCase
{
    private const TOLERANCE_S = 90;

    /** Places between 60° S and 60° N, with both changes of summer time among the days. */
    private const GRID = [
        [59.3, 18.1, 'Europe/Stockholm', ['2026-03-29', '2026-06-21', '2026-10-25', '2026-12-21']],
        [40.7, -74.0, 'America/New_York', ['2026-03-08', '2026-07-04', '2026-11-01']],
        [-33.9, 151.2, 'Australia/Sydney', ['2026-04-05', '2026-10-04', '2026-12-22']],
        [-0.2, -78.5, 'America/Guayaquil', ['2026-03-20', '2026-09-23']],
        [-59.0, -26.0, 'Atlantic/South_Georgia', ['2026-01-15', '2026-06-21']],
        [27.7, 85.3, 'Asia/Kathmandu', ['2026-05-05']],
        [43.8, 87.6, 'Asia/Shanghai', ['2026-02-10']],
    ];

    /** Reference: astronomy-engine's SearchAltitude and SearchHourAngle, run in this test; tolerance 90 s. */
    public function test_rise_set_and_twilights_agree_with_the_reference_library(): void
    {
        $questions = $ours = [];
        foreach (self::GRID as [$latitude, $longitude, $zone, $dates]) {
            foreach ($dates as $date) {
                $sun = SunDay::of(GeoPoint::of($latitude, $longitude), LocalDay::of($date, $zone));
                $at = ['latitude' => $latitude, 'longitude' => $longitude, 'days' => 0.5];
                foreach ([SunDay::RISE_SET_DEG, -6, -12, -18, 6, -4] as $altitude) {
                    $questions[] = [...$at, 'ask' => 'event', 'direction' => 1, 'altitude' => $altitude, 'unix' => $sun->solarNoon - 43200];
                    $ours[] = ["{$date} {$zone} morning {$altitude}", $sun->morning($altitude)];
                    $questions[] = [...$at, 'ask' => 'event', 'direction' => -1, 'altitude' => $altitude, 'unix' => $sun->solarNoon];
                    $ours[] = ["{$date} {$zone} evening {$altitude}", $sun->evening($altitude)];
                }
                $questions[] = [...$at, 'ask' => 'transit', 'unix' => LocalDay::of($date, $zone)->startsAt()];
                $ours[] = ["{$date} {$zone} noon", $sun->solarNoon];
            }
        }
        $theirs = ReferenceSun::ask($questions);
        foreach ($ours as $index => [$what, $at]) {
            if ($theirs[$index] === null) {
                $this->assertNull($at, $what);
            } else {
                $this->assertNotNull($at, $what);
                $this->assertEqualsWithDelta($theirs[$index], $at, self::TOLERANCE_S, $what);
            }
        }
    }

    /** Reference: PHP's own date_sun_info(), whose transit and twilights stand at the standard angles. */
    public function test_twilights_agree_with_phps_own_function(): void
    {
        $day = LocalDay::of('2026-09-14', 'Europe/Rome');
        $sun = SunDay::of(GeoPoint::of(45.4, 9.2), $day);
        $php = date_sun_info($sun->solarNoon, 45.4, 9.2);
        $this->assertEqualsWithDelta($php['transit'], $sun->solarNoon, self::TOLERANCE_S);
        $this->assertEqualsWithDelta($php['civil_twilight_begin'], $sun->morning(-6), self::TOLERANCE_S);
        $this->assertEqualsWithDelta($php['nautical_twilight_end'], $sun->evening(-12), self::TOLERANCE_S);
        $this->assertEqualsWithDelta($php['astronomical_twilight_end'], $sun->evening(-18), self::TOLERANCE_S);
    }

    public function test_in_the_polar_day_nothing_sets_and_in_the_polar_night_nothing_rises(): void
    {
        $place = GeoPoint::of(78.2, 15.6);
        $summer = SunDay::of($place, LocalDay::of('2026-06-21', 'Arctic/Longyearbyen'));
        $this->assertNull($summer->sunrise());
        $this->assertNull($summer->sunset());
        $this->assertNull($summer->goldenEvening());
        $winter = SunDay::of($place, LocalDay::of('2026-12-21', 'Arctic/Longyearbyen'));
        $this->assertNull($winter->sunrise());
        $this->assertNull($winter->blueMorning());
        $this->assertNotNull($winter->morning(-12), 'there is still a nautical dawn');
    }

    public function test_a_northern_winter_day_never_reaches_the_upper_edge_of_golden(): void
    {
        $sun = SunDay::of(GeoPoint::of(63.18, 14.55), LocalDay::of('2026-12-10', 'Europe/Stockholm'));
        $golden = $sun->goldenEvening();
        $this->assertNotNull($golden);
        $this->assertNull($golden->from, 'the sun stays below 6°');
        $this->assertNotNull($golden->to);
        $this->assertLessThan(6.0, Sun::at(GeoPoint::of(63.18, 14.55), $sun->solarNoon)->elevationDeg);
    }

    public function test_solar_noon_is_the_highest_moment_of_the_local_day(): void
    {
        foreach (
            [[78.2, 15.6, 'Arctic/Longyearbyen', '2026-03-21'], [43.8, 87.6, 'Asia/Shanghai', '2026-02-10']] as [$latitude, $longitude, $zone, $date]
        ) {
            $place = GeoPoint::of($latitude, $longitude);
            $day = LocalDay::of($date, $zone);
            $noon = SunDay::of($place, $day)->solarNoon;
            $best = Sun::at($place, $noon)->elevationDeg;
            for ($at = $day->startsAt(); $at < $day->endsAt(); $at += 60) {
                $this->assertLessThanOrEqual($best + 1e-6, Sun::at($place, $at)->elevationDeg);
            }
        }
    }
}
