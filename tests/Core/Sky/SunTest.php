<?php

declare(strict_types=1);

namespace Tests\Core\Sky;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SunTest extends TestCase
{
    private const PLACES = [
        [63.18, 14.55],
        [0.0, 0.0],
        [-33.9, 151.2],
        [78.2, 15.6],
        [-54.8, -68.3],
        [35.7, 139.7],
        [51.5, -0.1],
        [21.3, -157.9],
        [89.9, 0.0],
    ];

    /** Reference: npm package astronomy-engine, run in this test; tolerance 0.02°. */
    public function test_positions_agree_with_the_reference_library(): void
    {
        $questions = [];
        foreach (self::PLACES as [$latitude, $longitude]) {
            for ($day = 0; $day < 366; $day += 23) {
                foreach ([1.3, 7.9, 12.4, 19.75] as $hour) {
                    $questions[] = [
                        'ask' => 'position',
                        'latitude' => $latitude,
                        'longitude' => $longitude,
                        'unix' => 1767225600 + $day * 86400 + $hour * 3600,
                    ];
                }
            }
        }
        $answers = ReferenceSun::ask($questions);
        $this->assertCount(count($questions), $answers);
        foreach ($questions as $index => $q) {
            $sun = Sun::at(GeoPoint::of($q['latitude'], $q['longitude']), $q['unix']);
            $said = json_encode($q);
            $this->assertEqualsWithDelta($answers[$index]['elevation'], $sun->elevationDeg, 0.02, "elevation at {$said}");
            $turn = abs($answers[$index]['azimuth'] - $sun->azimuthDeg);
            $onTheSky = min($turn, 360 - $turn) * cos(deg2rad($sun->elevationDeg));
            $this->assertLessThan(0.02, $onTheSky, "azimuth at {$said}");
            $this->assertEqualsWithDelta($answers[$index]['apparent'], $sun->apparentElevationDeg(), 0.02, "apparent elevation at {$said}");
        }
    }

    /** Reference: astronomy-engine, other decades. */
    public function test_positions_hold_in_other_decades(): void
    {
        $questions = [];
        foreach ([1960, 1975, 1992, 2001, 2015, 2040, 2060] as $year) {
            $questions[] = ['ask' => 'position', 'latitude' => 47.0, 'longitude' => 8.0, 'unix' => gmmktime(9, 30, 0, 4, 11, $year)];
        }
        foreach (ReferenceSun::ask($questions) as $index => $answer) {
            $sun = Sun::at(GeoPoint::of(47.0, 8.0), $questions[$index]['unix']);
            $this->assertEqualsWithDelta($answer['elevation'], $sun->elevationDeg, 0.02);
            $this->assertEqualsWithDelta($answer['azimuth'], $sun->azimuthDeg, 0.02);
        }
    }

    /** J. Meeus, Astronomical Algorithms, 2nd ed., example 25.a, from memory: 1992-10-13 00:00 TD. */
    public function test_meeus_example_25a(): void
    {
        [$rightAscension, $declination, $true, $apparent] = Sun::equatorial(2448908.5 - 2451545.0);
        $this->assertEqualsWithDelta(199.90988, $true, 0.00002);
        $this->assertEqualsWithDelta(199.90895, $apparent, 0.00002);
        $this->assertEqualsWithDelta(198.38083, fmod(rad2deg($rightAscension) + 360, 360), 0.00005);
        $this->assertEqualsWithDelta(-7.78507, rad2deg($declination), 0.00005);
    }

    public function test_a_shadow_is_as_long_as_the_thing_at_45_degrees_and_endless_below_the_horizon(): void
    {
        $this->assertEqualsWithDelta(1.0, (new \NorthSatchel\Sky\SunPosition(45.0, 180.0))->shadowRatio(), 1e-12);
        $this->assertNull((new \NorthSatchel\Sky\SunPosition(0.0, 180.0))->shadowRatio());
        $this->assertNull((new \NorthSatchel\Sky\SunPosition(-3.0, 180.0))->shadowRatio());
    }

    /** @return array<string, array{float, float, string}> */
    public static function placesThatAreNone(): array
    {
        return [
            'too far north' => [90.01, 0.0, 'latitude_deg'],
            'too far south' => [-91.0, 0.0, 'latitude_deg'],
            'too far east' => [0.0, 180.5, 'longitude_deg'],
            'no number' => [NAN, 0.0, 'latitude_deg'],
            'no end' => [0.0, INF, 'longitude_deg'],
        ];
    }

    #[DataProvider('placesThatAreNone')]
    public function test_a_place_off_the_globe_is_refused_by_field(float $latitude, float $longitude, string $field): void
    {
        try {
            GeoPoint::of($latitude, $longitude);
            $this->fail('It was taken.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
        }
    }
}
