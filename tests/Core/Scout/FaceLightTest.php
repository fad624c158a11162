<?php

declare(strict_types=1);

namespace Tests\Core\Scout;

use NorthSatchel\Exposure\ClearSky;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\Plan\Light\ExposureVerdict;
use NorthSatchel\Plan\Light\SpotJudge;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;
use NorthSatchel\SceneKind;
use NorthSatchel\Scout\FaceLight;
use NorthSatchel\Scout\Skyline;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Scout\Window;
use NorthSatchel\Sky\GeoPoint;
use NorthSatchel\Sky\Sun;
use NorthSatchel\Time\ClockTime;
use NorthSatchel\Time\LocalDay;
use NorthSatchel\Time\Priority;
use PHPUnit\Framework\TestCase;

/** One light for every page. */
final class FaceLightTest extends TestCase
{
    private static function at(string $clock): int
    {
        return LocalDay::of('2027-06-05', 'Europe/Stockholm')->instantOf(ClockTime::of($clock));
    }

    private static function spot(?float $facing, bool $isIndoor = false, array $windows = []): Spot
    {
        return new Spot(1, 'Lawn', GeoPoint::of(59.3, 18.0), $facing, $isIndoor, [], Skyline::read(''), $windows);
    }

    public function test_faces_in_the_sun_in_shade_and_after_sunset(): void
    {
        $place = GeoPoint::of(59.3, 18.0);
        $noon = Sun::at($place, self::at('12:00'));
        $sunny = FaceLight::at(self::spot($noon->azimuthDeg), true, $place, self::at('12:00'));
        $shade = FaceLight::at(self::spot($noon->azimuthDeg + 180), true, $place, self::at('12:00'));
        $this->assertSame(ClearSky::ev100($noon->elevationDeg), $sunny->ev100);
        $this->assertSame(ClearSky::shadeEv100($noon->elevationDeg), $shade->ev100);
        $this->assertStringContainsString('in the sun', $sunny->why);
        $low = Sun::at($place, self::at('22:30'));
        $this->assertLessThan(0, $low->elevationDeg);
        $dusk = FaceLight::at(self::spot($low->azimuthDeg), true, $place, self::at('22:30'));
        $this->assertStringContainsString('below the horizon', $dusk->why, 'nothing is in the face then');
        $this->assertSame($dusk->ev100, FaceLight::at(self::spot($low->azimuthDeg + 180), true, $place, self::at('22:30'))->ev100);
        $this->assertSame(3.0, FaceLight::at(null, true, GeoPoint::of(40.0, 18.0), self::at('25:00'))->ev100, 'lamps and candles');
        $this->assertSame(Scene::OpenShade->ev100(), FaceLight::at(null, true, null, self::at('12:00'))->ev100);
        $this->assertSame($shade->ev100, FaceLight::at(null, true, $place, self::at('12:00'))->ev100, 'where nobody knows the spot: shade');
    }

    public function test_indoors_by_window_by_day_and_lamps_by_night(): void
    {
        $place = GeoPoint::of(59.3, 18.0);
        $in = self::spot(null, true, Window::readAll('Bay, 90'));
        $this->assertSame(Scene::WindowSide->ev100(), FaceLight::at($in, true, $place, self::at('12:00'))->ev100);
        $this->assertSame(Scene::DimInterior->ev100(), FaceLight::at($in, true, $place, self::at('24:30'))->ev100);
        $this->assertSame(Scene::BrightInterior->ev100(), FaceLight::at(null, false, $place, self::at('12:00'))->ev100);
        // A hall where something is played, and a stage, have lamps of their own, by night too; a field by night is as dark as it is.
        foreach ([SceneKind::Action, SceneKind::Stage] as $scene) {
            $this->assertSame(9.0, FaceLight::at($in, true, $place, self::at('24:30'), $scene)->ev100);
            $this->assertSame(9.0, FaceLight::at(null, false, $place, self::at('12:00'), $scene)->ev100);
            $this->assertSame(3.0, FaceLight::at(null, true, GeoPoint::of(40.0, 18.0), self::at('25:00'), $scene)->ev100);
        }
        $this->assertSame(Scene::DimInterior->ev100(), FaceLight::at($in, true, $place, self::at('24:30'), SceneKind::Table)->ev100);
    }

    public function test_the_scout_says_the_same_light_as_everybody(): void
    {
        $spot = self::spot(180.0);
        $day = LocalDay::of('2027-06-05', 'Europe/Stockholm');
        $segment = new Segment(1, 'Portraits', 'lead', self::at('13:00'), 60, Priority::Must, new Setting(1, 'Park', true));
        foreach (SpotJudge::of($spot, $segment, $day) as $verdict) {
            if ($verdict->code === 'scout.exposure') {
                $light = FaceLight::at($spot, true, $spot->place, self::at('13:30'));
                $this->assertSame(round($light->ev100, 1), $verdict->figures['ev100']);

                return;
            }
        }
        $this->fail('No exposure.');
    }

    public function test_in_the_dark_it_is_a_finding(): void
    {
        $segment = new Segment(1, 'Lanterns', 'lead', self::at('24:30'), 20, Priority::Must, new Setting(1, 'Lake', true));
        $dark = ExposureVerdict::of('scout.exposure', $segment, FaceLight::at(null, true, GeoPoint::of(40.0, 18.0), self::at('24:40')), '00:40');
        $this->assertSame(['fix', 'scout.exposure-dark'], [$dark->severity->value, $dark->code]);
        $this->assertStringContainsString('stops under', $dark->finding);
    }
}
