<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/**
 * How tall a child of an age is, where nobody has said: medians of the WHO's growth standards (2006) and growth reference (2007), girls and
 * boys taken together, to the centimetre; from memory.
 */
final class ChildHeight
{
    private const CM = [
        2 => 87, 3 => 96, 4 => 103, 5 => 110, 6 => 116, 7 => 121, 8 => 127, 9 => 133, 10 => 138, 11 => 144, 12 => 150, 13 => 156, 14 => 161,
        15 => 165, 16 => 168,
    ];

    /** Null for the grown up, and for infants, who are held. */
    public static function cm(?int $years): ?int
    {
        return self::CM[$years] ?? null;
    }

    /** The age that a piece of a line says: "6", "aged 6", "5yo", "12 years old"; null where it says none. */
    public static function years(string $piece): ?int
    {
        return preg_match('/^(?:is |aged? )?(\d{1,2})(?: ?(?:y(?:ea)?rs?(?: old)?|y\/?o|years? of age))?$/iu', trim($piece), $found) === 1
            ? (int) $found[1]
            : null;
    }
}
