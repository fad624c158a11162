<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Boards;

/** What is written in the code on a product's board, and what a reading of it comes to. */
final class BoardCode
{
    private const PREFIX = 'NSBOARD';

    public static function of(int $jobId, int $number): string
    {
        return sprintf('%s-%d-%d-%02d', self::PREFIX, $jobId, $number, self::check($jobId, $number));
    }

    /** The number on a board of this job; null where it is none, of another job, or misread. */
    public static function read(int $jobId, string $code): ?int
    {
        if (preg_match('/^'.self::PREFIX.'-(\d{1,12})-(\d{1,6})-(\d{2})$/D', trim($code), $parts) !== 1) {
            return null;
        }

        return (int) $parts[1] === $jobId && (int) $parts[3] === self::check($jobId, (int) $parts[2]) ? (int) $parts[2] : null;
    }

    /** So that a misread code names no other product (ISO 7064, MOD 97-10, over the two numbers side by side). */
    private static function check(int $jobId, int $number): int
    {
        return 98 - (($jobId % 97) * 1_000_000 + $number) * 100 % 97;
    }
}
