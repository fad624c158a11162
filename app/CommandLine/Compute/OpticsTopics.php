<?php

declare(strict_types=1);

namespace App\CommandLine\Compute;

use NorthSatchel\Optics\DepthOfField;
use NorthSatchel\Optics\FieldOfView;
use NorthSatchel\Optics\RowsFocus;

/** What is sharp, and what is in the frame. */
final class OpticsTopics
{
    /** @return array<string, float|null> */
    public static function depthOfField(\stdClass $input): array
    {
        $in = new Fields($input, ['focal_mm', 'f_number', 'distance_m', 'coc_mm']);
        $depth = DepthOfField::of(
            $in->number('focal_mm', above: 0),
            $in->number('f_number', above: 0),
            $in->number('distance_m', above: 0),
            $in->number('coc_mm', above: 0),
        );

        return ['near_m' => $depth->nearM, 'far_m' => $depth->farM, 'total_m' => $depth->totalM(), 'hyperfocal_m' => $depth->hyperfocalM];
    }

    /** @return array<string, float> */
    public static function fieldOfView(\stdClass $input): array
    {
        $in = new Fields($input, ['focal_mm', 'sensor_width_mm', 'sensor_height_mm', 'distance_m']);
        $view = FieldOfView::of(
            $in->number('focal_mm', above: 0),
            $in->number('sensor_width_mm', above: 0),
            $in->number('sensor_height_mm', above: 0),
            $in->number('distance_m', above: 0),
        );

        return [
            'horizontal_deg' => $view->horizontalDeg,
            'vertical_deg' => $view->verticalDeg,
            'width_m' => $view->widthM,
            'height_m' => $view->heightM,
        ];
    }

    /** @return array<string, float|null> */
    public static function rows(\stdClass $input): array
    {
        $in = new Fields($input, ['focal_mm', 'coc_mm', 'row_distances_m']);
        $focal = $in->number('focal_mm', above: 0);
        $coc = $in->number('coc_mm', above: 0);
        $distances = $in->someNumbers('row_distances_m', above: $focal / 1000, must: 'must be a list of distances beyond the focal length');
        $rows = RowsFocus::of($focal, $coc, $distances);

        return ['f_number' => $rows->fNumber, 'focus_m' => $rows->focusM, 'near_m' => $rows->nearM, 'far_m' => $rows->farM];
    }
}
