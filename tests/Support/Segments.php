<?php

declare(strict_types=1);

namespace Tests\Support;

use NorthSatchel\Plan\Give;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\Setting;

/** A segment from its values by name, wherever in it they belong. */
final class Segments
{
    /** @param  array<string, mixed>  $values */
    public static function of(array $values): Segment
    {
        $setting = array_intersect_key($values, ['placeId' => 0, 'placeName' => 0, 'isOutdoor' => 0, 'scene' => 0]);
        $give = array_intersect_key(
            $values,
            ['shortMinutes' => 0, 'lowMinutes' => 0, 'highMinutes' => 0, 'mayMove' => 0, 'takesInMinutes' => 0],
        );

        return new Segment(...[
            ...array_diff_key($values, $setting, $give),
            'setting' => new Setting(...$setting),
            'give' => new Give(...$give),
        ]);
    }
}
