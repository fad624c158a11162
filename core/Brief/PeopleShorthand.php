<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** What people shorten in a list of people, spelled out: "MOB Sabine w/ her two girls, Ayo 4 & Simi 7", "Brides brother", "Max +1". */
final class PeopleShorthand
{
    private const LETTERS = [
        'MOB' => 'Mother of the bride', 'FOB' => 'Father of the bride', 'MOG' => 'Mother of the groom', 'FOG' => 'Father of the groom',
        'MOH' => 'Maid of honour', 'BM' => 'Best man',
    ];

    private const CHILDREN = '(?:girls|boys|kids|children|sons|daughters|twins)';

    public static function spelled(string $line): string
    {
        $line = (string) preg_replace_callback(
            '/^('.implode('|', array_keys(self::LETTERS)).')\b[\s:.–-]*(?=\p{Lu})/u',
            static fn (array $found): string => self::LETTERS[$found[1]].': ',
            $line,
        );
        $line = (string) preg_replace('~\bw/\s*~iu', 'with ', $line);
        $whom = '(?i:'.RelationWords::family().'|'.RelationWords::any('partner').')';
        $line = (string) preg_replace('/\b(bride|groom)s (?='.$whom.'\b)/iu', "$1's ", $line);
        $line = (string) preg_replace('/(?<=\p{L})(?:\s*\+|\s+plus|\s+with)\s*(?:1|one|guest)$/iu', ', plus one', $line);
        $line = (string) preg_replace('/^(\p{L}[^†]*?\s\p{L}[^†]*?)\s*†\s*(?:\d{4})?$/u', '$1, late', $line);
        $line = (string) preg_replace('/(?<=[\p{L})])\s*(?:\+|\band|\bwith|&)\s*('.RelationWords::HOW_MANY.' (?:kids|children))$/iu', ', $1', $line);
        $theirs = '/\b((?:and|with|\+|&) (?:her|his|their|the) )(?:'.RelationWords::HOW_MANY.' )?('.self::CHILDREN.')\s*[,:(]?\s+(\p{Lu}[^()]*)$/iu';

        return preg_match($theirs, $line, $found, PREG_OFFSET_CAPTURE) === 1
            ? substr($line, 0, $found[0][1]).$found[1][0].self::children($found[2][0]).' '.self::aged($found[3][0])
            : $line;
    }

    private static function children(string $word): string
    {
        return in_array(mb_strtolower($word), ['girls', 'boys'], true) ? 'children' : $word;
    }

    /** "Ayo 4 & Simi 7" as "Ayo (4) & Simi (7)". */
    private static function aged(string $names): string
    {
        return (string) preg_replace('/(?<=\p{L}) (\d{1,2})(?=\s*(?:,|&|\+|and\b|$))/u', ' ($1)', $names);
    }
}
