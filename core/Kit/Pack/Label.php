<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** What is written in the code on a thing's label, and what a scan of it comes to. */
final class Label
{
    private const PREFIX = 'NSATCHEL';

    public static function of(int $itemId): string
    {
        // A check digit so that a misread code names no other thing (ISO 7064, MOD 97-10).
        return sprintf('%s-%d-%02d', self::PREFIX, $itemId, 98 - ($itemId * 100) % 97);
    }

    /** The thing that a scanned code names; null where it is none of ours, or misread. */
    public static function read(string $scanned): ?int
    {
        $parts = [];
        if (preg_match('/^'.self::PREFIX.'-(\d{1,12})-(\d{2})$/i', trim($scanned), $parts) !== 1) {
            return null;
        }
        $id = (int) $parts[1];

        return ($id * 100 + (int) $parts[2]) % 97 === 1 ? $id : null;
    }
}
