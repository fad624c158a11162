<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Names as they fit beside a head: the first name where nobody else here has it, else as much more as tells them apart. */
final class ShortNames
{
    /** What stands before a name and is none. */
    private const TITLE = '/^(?:baby|little|aunt(?:ie|y)?|uncle|cousins?|grand(?:ma|pa|mother|father)|granny|gran|nan|sister|'.
        'brother|mr|mrs|ms|mx|dr|prof|sir|father|mother|tante|onkel|oma|opa)\.?$/iu';

    /** The first name, with what people say before it: "Baby Alva", "Aunt Adaeze". */
    public static function first(string $name): string
    {
        return implode(' ', array_slice(explode(' ', $name), 0, self::least($name)));
    }

    /** How many words it has at least. */
    private static function least(string $name): int
    {
        $words = explode(' ', $name);

        return count($words) > 1 && preg_match(self::TITLE, $words[0]) === 1 ? 2 : 1;
    }

    /**
     * @param  list<string>  $names
     * @return array<string, string> by name; never cut within a word
     */
    public static function of(array $names): array
    {
        $short = [];
        foreach ($names as $name) {
            $words = explode(' ', $name);
            for ($take = self::least($name); $take < count($words); $take++) {
                $start = implode(' ', array_slice($words, 0, $take)).' ';
                $same = array_filter($names, static fn (string $other): bool => str_starts_with("{$other} ", $start));
                if (count($same) === 1) {
                    break;
                }
            }
            $short[$name] = implode(' ', array_slice($words, 0, $take));
        }

        return $short;
    }
}
