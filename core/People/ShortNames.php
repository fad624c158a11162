<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Names as they fit beside a head: the first name where nobody else here has it, else as much more as tells them apart. */
final class ShortNames
{
    /**
     * @param  list<string>  $names
     * @return array<string, string> by name; never cut within a word
     */
    public static function of(array $names): array
    {
        $short = [];
        foreach ($names as $name) {
            $words = explode(' ', $name);
            for ($take = 1; $take < count($words); $take++) {
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
