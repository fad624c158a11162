<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** Is who came into a list the one who went from it, under another name? Only likely: it is asked. */
final class SamePerson
{
    private const MOST_LETTERS_OFF = 2;

    private const LEAST_LETTERS = 5;

    private const LEAST_WITHIN = 3;

    public static function isSame(string $one, string $other): bool
    {
        return self::plain($one) === self::plain($other);
    }

    /**
     * The same first name, the one name within the other, a letter or two mistyped, or the same words about them.
     *
     * @param  string|null  $goneRole  what stood beside the name
     */
    public static function isLikely(string $gone, ?string $goneRole, string $come, ?string $comeRole): bool
    {
        [$a, $b] = [self::plain($gone), self::plain($come)];
        $isMistyped = min(strlen($a), strlen($b)) >= self::LEAST_LETTERS && levenshtein($a, $b) <= self::MOST_LETTERS_OFF;

        $isWithin = static fn (string $in, string $name): bool => mb_strlen($name) >= self::LEAST_WITHIN &&
            preg_match('/(?<!\p{L})'.preg_quote($name, '/').'(?!\p{L})/u', $in) === 1;

        return explode(' ', $a)[0] === explode(' ', $b)[0] ||
            $isWithin($a, $b) ||
            $isWithin($b, $a) ||
            $isMistyped ||
            (trim((string) $goneRole) !== '' && self::plain((string) $goneRole) === self::plain((string) $comeRole));
    }

    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\s+/u', ' ', mb_strtolower($text)));
    }
}
