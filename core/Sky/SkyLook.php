<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** The look of the sky by the height of the sun (twilights by the US Naval Observatory's angles; golden: common practice). */
final class SkyLook
{
    public static function named(float $elevationDeg): string
    {
        return match (true) {
            $elevationDeg < -12 => 'night',
            $elevationDeg < -6 => 'nautical',
            $elevationDeg < -4 => 'civil',
            $elevationDeg < 6 => 'golden',
            default => 'day',
        };
    }
}
