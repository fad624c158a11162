<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** The title of a group, which may name who stands in it. */
final class GroupTitle
{
    /** "The two with Ada and Bo" without Bo is "The two with Ada"; a title that is the name alone stays. */
    public static function without(string $title, string $name): string
    {
        $name = preg_quote($name, '/');

        return (string) preg_replace(
            ["/, {$name} and (?=\S)/u", "/(?<![\p{L}\p{N}]){$name}(?:, | and )(?=\S)/u", "/(?:, | and ){$name}(?![\p{L}\p{N}])/u"],
            [' and ', '', ''],
            $title,
        );
    }
}
