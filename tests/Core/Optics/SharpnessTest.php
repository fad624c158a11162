<?php

declare(strict_types=1);

namespace Tests\Core\Optics;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Optics\DepthOfField;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\RowsFocus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SharpnessTest extends TestCase
{
    /** Computed from the formulas of S. F. Ray, Applied Photographic Optics (from memory): 50 mm, f/8, c 0.03 mm. */
    public function test_the_worked_depth_of_field(): void
    {
        $depth = DepthOfField::of(50, 8, 5, 0.03);
        $this->assertEqualsWithDelta([10.467, 3.389, 9.527], [$depth->hyperfocalM, $depth->nearM, $depth->farM], 0.0006);
        $this->assertEqualsWithDelta(9.527 - 3.389, $depth->totalM(), 0.001);
        $this->assertNull(DepthOfField::of(50, 8, 10.4667, 0.03)->farM);
        $this->assertNull(DepthOfField::of(50, 8, 50, 0.03)->totalM());
        $this->assertEqualsWithDelta(
            10.467 / 2,
            DepthOfField::of(50, 8, 10.46667, 0.03)->nearM,
            0.03,
            'at the hyperfocal distance from about half of it on',
        );
    }

    /** Common practice, no source: a second row 0.6 m behind at 3 m is soft at f/4 and sharp at f/5.6. */
    public function test_the_facts_of_the_trade(): void
    {
        foreach ([[1.4, 2.858, 3.156], [4.0, 2.628, 3.495], [5.6, 2.504, 3.742]] as [$stop, $near, $far]) {
            $depth = DepthOfField::of(50, $stop, 3.0, 0.03);
            $this->assertEqualsWithDelta([$near, $far], [$depth->nearM, $depth->farM], 0.0006);
            $this->assertSame($stop === 5.6, $depth->holds(3.6));
        }
        $rows = RowsFocus::of(50, 0.03, [3.0, 3.9]);
        $this->assertSame(3.5, $rows->fNumber);
        $this->assertEqualsWithDelta(3.391, $rows->focusM, 0.0005);
        $this->assertFalse(
            DepthOfField::of(50, 3.2, $rows->focusM, 0.03)->holds(3.9) && DepthOfField::of(50, 3.2, $rows->focusM, 0.03)->holds(3.0),
            'a third of a stop wider does not hold them',
        );
    }

    public function test_rows_that_no_stop_holds_and_a_single_row(): void
    {
        $deep = RowsFocus::of(200, 0.02, [5.0, 9.0]);
        $this->assertSame([null, null, null], [$deep->fNumber, $deep->nearM, $deep->farM]);
        $this->assertEqualsWithDelta((2 * 45) / 14, $deep->focusM, 1e-9);
        $this->assertSame(1.4, RowsFocus::of(50, 0.03, [4.0])->fNumber);
        $this->assertSame(2.8, RowsFocus::of(50, 0.03, [4.0], widest: 2.8)->fNumber, 'no lens opens further than it can');
    }

    /** Geometry; agrees with makers' tables for 36 × 24 mm. */
    public function test_fields_of_view(): void
    {
        foreach ([24 => 73.7, 35 => 54.4, 50 => 39.6, 85 => 23.9, 200 => 10.3] as $focal => $degrees) {
            $this->assertEqualsWithDelta($degrees, FieldOfView::of($focal, 36, 24, 10)->horizontalDeg, 0.05);
        }
        $this->assertEqualsWithDelta([7.2, 4.8], [FieldOfView::of(50, 36, 24, 10)->widthM, FieldOfView::of(50, 36, 24, 10)->heightM], 1e-9);
    }

    /** @return array<string, array{\Closure, string}> */
    public static function wrong(): array
    {
        return [
            'closer than the lens is long' => [static fn () => DepthOfField::of(50, 8, 0.05, 0.03), 'distance_m'],
            'no stop' => [static fn () => DepthOfField::of(50, 0, 5, 0.03), 'f_number'],
            'no sensor' => [static fn () => FieldOfView::of(50, 0, 24, 5), 'sensor_width_mm'],
            'a row in the camera' => [static fn () => RowsFocus::of(50, 0.03, [0.0, 2.0]), 'row_distances_m'],
        ];
    }

    #[DataProvider('wrong')]
    public function test_impossible_values_are_refused_by_field(\Closure $try, string $field): void
    {
        try {
            $try();
            $this->fail('It was taken.');
        } catch (ImpossibleValue $e) {
            $this->assertSame($field, $e->field);
        }
    }
}
