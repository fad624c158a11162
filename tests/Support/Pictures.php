<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Devices\StandIn\Exposure;
use App\Devices\StandIn\FrameMaker;

/** Small real pictures, as the stand-in cameras write them. */
final class Pictures
{
    public static function jpeg(int $number = 1): string
    {
        return (new FrameMaker('Ostervik M4', 'OV77', 20))->jpeg(self::exposure($number), 0, $number);
    }

    public static function dng(int $number = 1, bool $isAlone = false): string
    {
        return (new FrameMaker('Ostervik M4', 'OV77', 20))->raw(self::exposure($number), 0, $number, $isAlone);
    }

    public static function exposure(int $number = 1): Exposure
    {
        return new Exposure(
            at: 1_900_000_000 + $number * 20,
            offsetS: 7200,
            lens: 'Zoom 24–70',
            focalMm: 35,
            shutterDenominator: 250,
            fNumber: 2.8,
            iso: 800,
            scene: 'Frame '.$number,
        );
    }
}
