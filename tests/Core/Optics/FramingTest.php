<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\CornerFit;
use NorthSatchel\Optics\Diffraction;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\FrameEdge;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Optics\Panning;
use NorthSatchel\Optics\Sensor;
use PHPUnit\Framework\TestCase;

/** The edge of the frame, rooms, panning and diffraction. */
final class FramingTest extends TestCase
{
    /** Against a walk along the line in steps of a millimetre: the light is as far as was said, or as near as the line comes. */
    public function test_a_light_so_far_from_people_and_out_of_the_picture(): void
    {
        $cases = [
            [50, 4.0, 2.5, 0.9],
            [35, 3.0, 1.2, 0.6],
            [85, 6.0, 2.0, 1.2],
            [24, 2.0, 1.8, 0.3],
            [50, 4.0, 1.0, 0.9],
            [135, 9.0, 1.4, 0.5],
        ];
        foreach ($cases as [$focal, $people, $light, $wide]) {
            $edge = FrameEdge::beside($focal, 36, $people, $light, $wide);
            $aside = static fn (float $along): float => ($along * 18) / $focal + $wide / 2 + 0.15;
            [$least, $best] = [INF, null];
            for ($mm = 0; $mm <= 1000 * $people; $mm++) {
                $away = hypot($people - $mm / 1000, $aside($mm / 1000));
                $least = min($least, $away);
                $best ??= $away <= $light ? $mm / 1000 : null;
            }
            $this->assertEqualsWithDelta($least, $edge->leastM, 1e-4);
            $this->assertSame($best !== null, $edge->isOutside);
            $this->assertEqualsWithDelta($aside($edge->alongM), $edge->asideM, 1e-9);
            $this->assertEqualsWithDelta(FieldOfView::of($focal, 36, 24, $edge->alongM)->widthM / 2, $edge->halfWidthM, 1e-9);
            if ($best !== null) {
                $this->assertEqualsWithDelta($best, $edge->alongM, 0.0015);
            }
        }
        $behind = FrameEdge::beside(50, 36, 2.0, 5.0, 0.9);
        $this->assertSame([0.0, true], [$behind->alongM, $behind->isOutside]);
        $this->assertEqualsWithDelta(5.0, hypot(2.0, $behind->asideM), 1e-9, 'beside the camera, as far aside as the distance says');
        $this->expectException(ImpossibleValue::class);
        FrameEdge::beside(50, 36, 4.0, 0.0);
    }

    /** 24 million pixels of 3:2 on 36 mm are 6000 across: 6 µm; on a crop of 1.5 with as many, 4 µm. Arithmetic. */
    public function test_how_wide_a_pixel_is(): void
    {
        $this->assertEqualsWithDelta(6.0, Sensor::pixelUm(24), 1e-9);
        $this->assertEqualsWithDelta(4.0, Sensor::pixelUm(24, 1.5), 1e-9);
        $this->expectException(ImpossibleValue::class);
        Sensor::pixelUm(0);
    }

    /** Geometry: a right angle is seen by 18 mm on 36 mm; 24 mm sees 73.7° (makers' tables). */
    public function test_what_a_lens_takes_in_from_a_corner(): void
    {
        $fit = CornerFit::of(24, 36, 4, 6, 0.0);
        $this->assertEqualsWithDelta(90.0, $fit->fromCornerDeg, 1e-6);
        $this->assertEqualsWithDelta(18.0, $fit->focalForCornerMm, 1e-6);
        $this->assertEqualsWithDelta(73.74, $fit->seesDeg, 0.01);
        $this->assertEqualsWithDelta(16.26, $fit->missingDeg(), 0.01);
        $this->assertEqualsWithDelta(rad2deg(2 * atan(2 / 6)), $fit->farWallDeg, 1e-6);
        $off = CornerFit::of(18, 36, 4, 6, 0.4);
        $this->assertGreaterThan(90.0, $off->fromCornerDeg, 'off the corner the walls beside the camera are seen as well');
        $this->assertSame(0.0, CornerFit::of(10, 36, 4, 6, 0.2)->missingDeg());
        $this->expectException(ImpossibleValue::class);
        CornerFit::of(24, 36, 0.3, 6, 0.3);
    }

    /** Common practice, no source: about 1/120 s for panning, 1/1000 s freezes sport. */
    public function test_panning_and_freezing(): void
    {
        $slow = Panning::of(12, 10, 100, 1 / 30, 4.4);
        $usual = Panning::of(12, 10, 100, 1 / 125, 4.4);
        $this->assertEqualsWithDelta(rad2deg(1.2), $usual->degreesPerSecond, 1e-9);
        $this->assertEqualsWithDelta(MotionBlur::of(12, 10, 100, 1 / 125, 4.4)->pixels, $usual->groundBlurPx, 1e-9);
        $this->assertGreaterThan($usual->tries, $slow->tries, 'a slower shutter takes more tries');
        // Two pixels of 218 are 0.92 % of speed; a normal error of 5 % stays within that in 14.5 % of tries.
        $this->assertEqualsWithDelta(0.145, $usual->sharpShare, 0.003);
        $this->assertSame((int) ceil(log(0.1) / log(1 - $usual->sharpShare)), $usual->tries);
        $this->assertSame(1, Panning::of(0.01, 50, 24, 1 / 1000, 6)->tries);
        $freeze = Panning::freezing(8, 20, 200, 4.4);
        $this->assertEqualsWithDelta(2.0, MotionBlur::of(8, 20, 200, $freeze, 4.4)->pixels, 1e-9);
    }

    /** Common practice, no source: rooms want f/11 to f/14 and no more; the best stop is where both blurs are alike. */
    public function test_diffraction_sets_an_end_to_stopping_down(): void
    {
        $room = Diffraction::of(24, 1.2, 8);
        $this->assertGreaterThanOrEqual(8, $room->bestStop);
        $this->assertLessThanOrEqual(16, $room->bestStop);
        $this->assertEqualsWithDelta(2.44 * 0.55 * $room->bestStop, $room->airyUm, 1e-6);
        $blur = static function (float $n): float {
            $defocus = (24 ** 2 * (8000 - 1200)) / (2 * 1200 * 8000) / $n;

            return sqrt($defocus ** 2 + (2.44 * 0.00055 * $n) ** 2);
        };
        foreach ([0.7, 0.9, 1.1, 1.4] as $times) {
            $this->assertGreaterThan($blur($room->bestExact), $blur($room->bestExact * $times));
        }
        $this->assertEqualsWithDelta((2 * 1.2 * 8) / 9.2, $room->focusM, 1e-9);
        $this->expectException(ImpossibleValue::class);
        Diffraction::of(24, 0.04, 8);
    }
}
