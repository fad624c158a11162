<?php

declare(strict_types=1);

namespace NorthSatchel\Optics;

use NorthSatchel\ImpossibleValue;

/** A sensor of three to two. */
final class Sensor
{
    /** The long side of the full format (ISO 1007: the 24 mm by 36 mm frame of 135 film). */
    public const FULL_WIDTH_MM = 36.0;

    /**
     * Width of a pixel, micrometres.
     *
     * @param  float  $crop  1 for the full format
     *
     * @throws ImpossibleValue
     */
    public static function pixelUm(float $megapixels, float $crop = 1.0): float
    {
        foreach (['megapixels' => $megapixels, 'crop' => $crop] as $field => $value) {
            if ($value <= 0) {
                throw ImpossibleValue::of($field, 'must be above 0');
            }
        }

        return 1000 * self::FULL_WIDTH_MM / $crop / sqrt($megapixels * 1.5e6);
    }
}
