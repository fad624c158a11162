<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Who is meant by a name as people say it: in full, by the first name, with "Cousin" before it, or as "the bride". */
final readonly class Names
{
    /** Words before a name that are no part of it. */
    private const TITLES = [
        'aunt', 'auntie', 'aunty', 'uncle', 'cousin', 'grandma', 'granny', 'gran', 'nan', 'grandpa', 'granddad', 'grandad', 'gramps',
        'grandmother', 'grandfather', 'mum', 'mom', 'dad', 'mother', 'father', 'brother', 'sister', 'baby', 'little', 'old', 'mr', 'mrs',
        'ms', 'miss', 'dr', 'the',
    ];

    /**
     * @param  list<string>  $names
     * @param  array<string, list<string>>  $roles  names by role: bride, groom
     */
    public function __construct(private array $names, private array $roles = []) {}

    /** @return list<string> whom it may mean; one where that is clear, none where nobody fits */
    public function meant(string $said): array
    {
        $low = self::plain($said);
        $same = array_values(array_filter($this->names, static fn (string $n): bool => self::plain($n) === $low));
        if ($same !== [] || $low === '') {
            return $same;
        }
        $role = preg_replace('/^the /u', '', $low);
        if (isset($this->roles[$role])) {
            return $this->roles[$role];
        }
        $words = self::words($low);
        if ($words === []) {
            return [];
        }
        $longer = array_values(array_filter($this->names, static fn (string $n): bool => self::isPart($words, self::words(self::plain($n)))));
        // "Olga Grahn" where the list has "Olga" alone.
        $shorter = array_values(
            array_filter(
                $this->names,
                static fn (string $n): bool => ($own = self::words(self::plain($n))) !== [] &&
                    $own[0] === $words[0] &&
                    self::isPart($own, $words),
            ),
        );

        return $longer === [] ? $shorter : $longer;
    }

    /**
     * Whether all words stand in the others, in their order.
     *
     * @param  list<string>  $words
     * @param  list<string>  $in
     */
    private static function isPart(array $words, array $in): bool
    {
        foreach ($in as $word) {
            if ($words !== [] && $words[0] === $word) {
                array_shift($words);
            }
        }

        return $words === [];
    }

    /** @return list<string> without titles; all of them where nothing else is left */
    private static function words(string $plain): array
    {
        $words = explode(' ', $plain);

        return array_values(array_filter($words, static fn (string $w): bool => ! in_array($w, self::TITLES, true)));
    }

    private static function plain(string $name): string
    {
        return trim((string) preg_replace('/[\s.]+/u', ' ', mb_strtolower($name)));
    }
}
