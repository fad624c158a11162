<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** Bearings in degrees clockwise from true north. */
final class Bearing
{
    private const NAMES = ['north', 'north-east', 'east', 'south-east', 'south', 'south-west', 'west', 'north-west'];

    /** From one bearing to another, above −180 and up to 180, positive to the right. */
    public static function turn(float $from, float $to): float
    {
        $turn = fmod($to - $from, 360);

        return match (true) {
            $turn > 180 => $turn - 360,
            $turn <= -180 => $turn + 360,
            default => $turn,
        };
    }

    /** The same bearing from 0 to below 360. */
    public static function whole(float $deg): float
    {
        $turned = fmod($deg, 360);

        return $turned < 0 ? $turned + 360 : $turned;
    }

    public static function named(float $deg): string
    {
        return self::NAMES[(int) round(self::whole($deg) / 45) % 8];
    }
}
