<?php

declare(strict_types=1);

namespace Tests\Core\Exposure;

use NorthSatchel\Exposure\ExposureValue;
use NorthSatchel\Exposure\Scene;
use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\MotionBlur;
use PHPUnit\Framework\TestCase;

final class ExposureTest extends TestCase
{
    /** Exif 2.32 (CIPA DC-008), APEX annex: f/1 for a second at ISO 100 is EV 0. */
    public function test_the_zero_of_the_scale(): void
    {
        $this->assertEqualsWithDelta(0.0, ExposureValue::of(1, 1, 100)->ev100, 1e-12);
        $this->assertEqualsWithDelta(-1.0, ExposureValue::of(1, 1, 200)->ev100, 1e-12);
    }

    /** Sunny 16 (exposure guide tradition, from memory): f/16 at 1/ISO is EV 14.64, nominally 15. */
    public function test_sunny_16(): void
    {
        $this->assertEqualsWithDelta(14.64, ExposureValue::of(16, 1 / 100, 100)->ev100, 0.005);
        $this->assertSame(15.0, Scene::Sun->ev100());
    }

    /** Common practice, no source: f/11, 1/400 s, ISO 50 darkens a sunny sky by about two stops. */
    public function test_flash_in_sun_darkens_the_sky(): void
    {
        $exposure = ExposureValue::of(11, 1 / 400, 50);
        $this->assertEqualsWithDelta(16.56, $exposure->ev100, 0.005);
        $this->assertEqualsWithDelta(-1.9, $exposure->stopsOver(14.64), 0.05);
        $this->assertEqualsWithDelta(-1.6, $exposure->stopsOver(Scene::Sun->ev100()), 0.05);
    }

    /** The scene table after ANSI PH2.7 (from memory). */
    public function test_the_scene_table(): void
    {
        $wanted = [
            'sun' => 15,
            'hazy_sun' => 14,
            'bright_cloud' => 13,
            'overcast' => 12,
            'open_shade' => 12,
            'sunset' => 12,
            'floodlit_sport' => 9,
            'bright_stage' => 9,
            'window_side' => 9.5,
            'bright_interior' => 7,
            'home_interior' => 6,
            'dim_interior' => 5,
            'candle' => 4,
        ];
        foreach ($wanted as $key => $ev) {
            $this->assertEqualsWithDelta($ev, Scene::from($key)->ev100(), 1e-12, $key);
        }
        $this->assertCount(count($wanted), Scene::cases());
    }

    /** A runner at 8 m/s, 20 m away, 200 mm, 1/1000 s: 0.08 mm on the sensor, 16 pixels of 5 µm (by hand). */
    public function test_motion_blur(): void
    {
        $blur = MotionBlur::of(8, 20, 200, 1 / 1000, 5);
        $this->assertEqualsWithDelta(0.08, $blur->mm, 1e-12);
        $this->assertEqualsWithDelta(16, $blur->pixels, 1e-9);
        $this->assertEqualsWithDelta(1.6, MotionBlur::of(8, 20, 200, 1 / 1000, 5, trackingError: 0.1)->pixels, 1e-9);
        $this->assertSame(0.0, MotionBlur::of(8, 20, 200, 1 / 1000, 5, trackingError: 0.0)->pixels);
    }

    public function test_impossible_values_are_refused(): void
    {
        foreach (
            [
                static fn () => ExposureValue::of(0, 1, 100),
                static fn () => ExposureValue::of(8, 0, 100),
                static fn () => MotionBlur::of(1, 0, 50, 1, 5),
            ] as $ask
        ) {
            try {
                $ask();
                $this->fail('It was taken.');
            } catch (ImpossibleValue $e) {
                $this->assertContains($e->field, ['f_number', 'shutter_s', 'distance_m']);
            }
        }
    }
}
