<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** File names as text. */
final class Names
{
    /** A name that may hold odd bytes: those that are no UTF-8 are written %XX. */
    public static function printable(string $name): string
    {
        if (self::isUtf8($name)) {
            return $name;
        }
        $wellFormed = '[\x00-\x7F]|[\xC2-\xDF][\x80-\xBF]|\xE0[\xA0-\xBF][\x80-\xBF]|[\xE1-\xEC\xEE\xEF][\x80-\xBF]{2}'
            .'|\xED[\x80-\x9F][\x80-\xBF]|\xF0[\x90-\xBF][\x80-\xBF]{2}|[\xF1-\xF3][\x80-\xBF]{3}|\xF4[\x80-\x8F][\x80-\xBF]{2}';

        return (string) preg_replace_callback(
            "/({$wellFormed})|(.)/s",
            static fn (array $m): string => isset($m[2]) ? sprintf('%%%02X', ord($m[2])) : $m[1],
            $name,
        );
    }

    public static function isUtf8(string $name): bool
    {
        return preg_match('//u', $name) === 1;
    }

    /** One plain folder name: no path, no odd characters, not too long for a file system. */
    public static function isPlain(string $name): bool
    {
        return $name !== '' && $name !== '.' && $name !== '..' && strlen($name) <= 200
            && self::isUtf8($name) && preg_match('#[/\\\\\x00-\x1F\x7F:*?"<>|]#', $name) !== 1
            && trim($name) === $name && ! str_ends_with($name, '.');
    }
}
