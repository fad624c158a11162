<?php

declare(strict_types=1);

namespace NorthSatchel\Brief;

/** The words by which people say who somebody is to somebody, each in one place; what is read of a brief and of a family looks here. */
final class RelationWords
{
    /** By the relation as the family has it. */
    public const KINDS = [
        'parent' => [
            'mother', 'father', 'parent', 'stepmother', 'stepfather', 'stepmum', 'stepmom', 'stepdad', 'mum', 'mom', 'mummy', 'mama', 'dad',
            'daddy', 'papa',
        ],
        'grandparent' => [
            'grandmother', 'grandfather', 'grandparent', 'grandma', 'grandpa', 'granny', 'granddad', 'grandad', 'nan', 'great-grandmother',
            'great-grandfather', 'gran', 'nana', 'gramps', 'oma', 'opa',
        ],
        'sibling' => [
            'sister', 'brother', 'sibling', 'half-sister', 'half-brother', 'half sister', 'half brother', 'halfsister', 'halfbrother',
            'stepsister', 'stepbrother', 'twin', 'twin sister', 'twin brother',
        ],
        'child' => ['son', 'daughter', 'child', 'stepson', 'stepdaughter'],
        'partner' => [
            'partner', 'wife', 'husband', 'spouse', 'girlfriend', 'boyfriend', 'fiancé', 'fiancée', 'fiance', 'fiancee', 'new wife',
            'new husband', 'new partner', 'second wife', 'second husband',
        ],
        'former' => [
            'former partner', 'former wife', 'former husband', 'divorced from', 'ex-wife', 'ex-husband', 'ex wife', 'ex husband', 'ex-partner', 'ex',
        ],
        'wide' => [
            'aunt', 'auntie', 'uncle', 'cousin', 'niece', 'nephew', 'great-aunt', 'great-uncle', 'godmother', 'godfather', 'godparent', 'godson',
            'goddaughter', 'godchild', 'sister-in-law', 'brother-in-law', 'sister in law', 'brother in law',
        ],
        'in-law' => ['mother-in-law', 'father-in-law', 'parent-in-law', 'mother in law', 'father in law'],
        'attendant' => [
            'attendant', 'best man', 'maid of honour', 'maid of honor', 'matron of honour', 'matron of honor', 'bridesmaid', 'groomsman',
            'witness', 'usher', 'flower girl', 'page boy', 'ring bearer',
        ],
    ];

    /** Words for one and the same. */
    public const SAME = [
        'mum' => 'mother', 'mom' => 'mother', 'mummy' => 'mother', 'mama' => 'mother', 'dad' => 'father', 'daddy' => 'father', 'papa' => 'father',
        'stepmum' => 'stepmother', 'stepmom' => 'stepmother', 'stepdad' => 'stepfather', 'grandma' => 'grandmother', 'granny' => 'grandmother',
        'gran' => 'grandmother', 'nan' => 'grandmother', 'nana' => 'grandmother', 'oma' => 'grandmother', 'grandpa' => 'grandfather',
        'granddad' => 'grandfather', 'grandad' => 'grandfather', 'gramps' => 'grandfather', 'opa' => 'grandfather', 'auntie' => 'aunt',
    ];

    /** How many of one kind, as people write it before the word. */
    public const HOW_MANY = '(?:\d{1,2}|two|three|four|five|six)';

    private const FAMILY = ['parent', 'grandparent', 'sibling', 'child', 'wide', 'in-law'];

    /** What several are called who are not called so with an s. */
    private const MANY = ['child' => 'children', 'groomsman' => 'groomsmen', 'witness' => 'witnesses', 'best man' => 'best men'];

    /** Mothers and fathers, and theirs: what a family calls them without saying whose. */
    private const CALLED = ['mother', 'father', 'grandmother', 'grandfather'];

    /** Any of the words of those kinds, one or several of them, as a group of a pattern; in small letters. */
    public static function any(string ...$kinds): string
    {
        /** @var array<string, string> $kept */
        static $kept = [];
        $key = implode(' ', $kinds);
        if (! isset($kept[$key])) {
            $words = array_unique(array_merge(...array_map(static fn (string $kind): array => self::KINDS[$kind], $kinds)));
            $words = [...$words, ...array_values(array_intersect_key(self::MANY, array_flip($words)))];
            usort($words, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
            $kept[$key] = '(?:(?:'.implode('|', array_map(self::loose(...), $words)).')s?)';
        }

        return $kept[$key];
    }

    /** @return array<string, string> several of one kind, and one of them */
    public static function one(): array
    {
        /** @var array<string, string>|null $kept */
        static $kept = null;
        if ($kept === null) {
            $kept = [];
            foreach (array_unique(array_merge(...array_values(self::KINDS))) as $word) {
                $kept[self::MANY[$word] ?? "{$word}s"] = $word;
            }
        }

        return $kept;
    }

    /** Anybody of a family, partners aside. */
    public static function family(): string
    {
        return self::any(...self::FAMILY);
    }

    /** @return list<string> what those of that kind are called by everybody: mum, grandma */
    public static function called(string $kind): array
    {
        return array_values(array_filter(
            self::KINDS[$kind] ?? [],
            static fn (string $word): bool => in_array(self::SAME[$word] ?? $word, self::CALLED, true),
        ));
    }

    /** "Step mother" and "grand-father" are one word as well. */
    private static function loose(string $word): string
    {
        $word = strtr(preg_quote($word, '/'), [' ' => '[ -]', '\-' => '[ -]']);

        return (string) preg_replace('/^(step|half|grand|god)(?=\p{L}{2})(?!y\b|ad\b|s\b)/u', '$1[ -]?', $word);
    }
}
