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
}
