<?php

declare(strict_types=1);

namespace NorthSatchel;

/** One word for one, another for none and for many. */
final class Plural
{
    public static function of(int $count, string $one, string $many): string
    {
        return $count === 1 ? $one : $many;
    }

    /** So many of all, at the head of a sentence, with what they do: "2 of 3 files lie", "The one file lies". */
    public static function share(int $count, int $all, string $one, string $many, string $does, string $do): string
    {
        return ($all === 1 ? "The one {$one}" : "{$count} of {$all} {$many}").' '.self::of($count, $does, $do);
    }
}
