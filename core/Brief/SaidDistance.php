<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** From how far one photographs, as a restriction says it. */
final class SaidDistance
{
    private const ORDINALS = [
        'first' => 1, 'second' => 2, 'third' => 3, 'fourth' => 4, 'fifth' => 5, 'sixth' => 6, 'seventh' => 7, 'eighth' => 8, 'ninth' => 9,
        'tenth' => 10, 'last' => 12,
    ];

    /** From where the two stand to the first row of seats, and from one row to the next (common practice, no source). */
    private const FIRST_ROW_M = 3.0;

    private const ROW_M = 0.9;

    /** As it is written, in metres; else behind a row of seats, counted from the front. */
    public static function of(string $piece, string $sentence): ?float
    {
        if (preg_match('/(?<![\d.,])(\d{1,3}(?:[.,]\d{1,2})?)\s?(?:m|met(?:re|er)s?)\b/iu', $sentence, $metres) === 1) {
            return max(1.0, (float) str_replace(',', '.', $metres[1]));
        }
        $row = preg_match('/behind the (\p{L}+|\d{1,2})(?:st|nd|rd|th)? (?:pew|row)/iu', $piece, $found) === 1 ||
            preg_match('/behind (?:the )?row (\d{1,2})\b/iu', $piece, $found) === 1
            ? (self::ORDINALS[mb_strtolower($found[1])] ?? (int) $found[1])
            : 0;

        return $row < 1 ? null : self::FIRST_ROW_M + $row * self::ROW_M;
    }
}
