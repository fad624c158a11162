<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

/** The words of a sentence that tell what it is about. */
final class Words
{
    private const SHORTEST = 3;

    /** Longer words are the same when so many letters of them agree: dances and dancing. */
    private const STEM = 6;

    private const COMMON = [
        'the', 'and', 'with', 'from', 'their', 'they', 'them', 'that', 'this', 'into', 'over', 'before', 'after', 'both', 'each', 'for', 'her',
        'his', 'all', 'are', 'one', 'two', 'our', 'not', 'but', 'has', 'have', 'had', 'who', 'when', 'during', 'together', 'must', 'please',
        'picture', 'photo', 'shot', 'some', 'also', 'exchange', 'exchanging', 'exchanged', 'der', 'die', 'das', 'und',
    ];

    /** What happens once is the first too. */
    private const FIRST_OF_ONE = '/\bfirst (?=kiss)/iu';

    /** Texts whose words are kept at hand: those of a plan are asked for hundreds of times a page. */
    private const KEPT = 500;

    /** @return list<string> in the singular, cut to their stem */
    public static function of(string $text): array
    {
        /** @var array<string, list<string>> $kept */
        static $kept = [];
        $kept = count($kept) > self::KEPT ? [] : $kept;

        return $kept[$text] ??= self::read($text);
    }

    /** @return list<string> */
    private static function read(string $text): array
    {
        $plain = preg_replace(["/['’]s?\b/u", self::FIRST_OF_ONE], '', $text);
        preg_match_all('/\p{L}[\p{L}-]*/u', mb_strtolower((string) $plain), $found);
        $words = array_filter(
            $found[0],
            static fn (string $w): bool => mb_strlen($w) >= self::SHORTEST && ! in_array($w, self::COMMON, true),
        );

        return array_values(array_unique(array_map(static fn (string $w): string => mb_substr(self::singular($w), 0, self::STEM), $words)));
    }

    /** families: family; dances: danc, and so is dance once its e is gone */
    private static function singular(string $word): string
    {
        return (string) preg_replace(['/(?<=..)ies$/u', '/(?<=..)(?:es|s)$/u'], ['y', ''], $word);
    }
}
