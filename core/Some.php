<?php

declare(strict_types=1);

namespace NorthSatchel;

/** The first of a list in words, and how many more there are. */
final class Some
{
    /** @param  array<string>  $list */
    public static function of(array $list, int $most, string $between = ', '): string
    {
        $more = count($list) - $most;

        return implode($between, array_slice($list, 0, $most)).($more > 0 ? " and {$more} more" : '');
    }
}
