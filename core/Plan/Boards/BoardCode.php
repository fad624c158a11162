<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Boards;

/** What is written in the code on a product's board, and what a reading of it comes to. */
final class BoardCode
{
    private const PREFIX = 'NSBOARD';

    /** @param  int  $key  of the boards of one job */
    public static function of(int $key, int $number): string
    {
        return sprintf('%s-%d-%d-%02d', self::PREFIX, $key, $number, self::check($key, $number));
    }

    /** The number on a board of this key; null where it is none, of another, or misread. */
    public static function read(int $key, string $code): ?int
    {
        if (preg_match('/^'.self::PREFIX.'-(\d{1,12})-(\d{1,6})-(\d{2})$/D', trim($code), $parts) !== 1) {
            return null;
        }

        return (int) $parts[1] === $key && (int) $parts[3] === self::check($key, (int) $parts[2]) ? (int) $parts[2] : null;
    }

    /** So that a misread code names no other product (ISO 7064, MOD 97-10, over the two numbers side by side). */
    private static function check(int $key, int $number): int
    {
        return 98 - (($key % 97) * 1_000_000 + $number) * 100 % 97;
    }
}
