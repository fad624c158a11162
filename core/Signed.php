<?php

declare(strict_types=1);

namespace NorthSatchel;

/** Numbers in sentences that may lie below nothing: with a minus, which no hyphen is. */
final class Signed
{
    public static function of(int|float $number): string
    {
        return ($number < 0 ? '−' : '').abs($number);
    }
}
