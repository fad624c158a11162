<?php

declare(strict_types=1);

namespace NorthSatchel\Copies;

/** Names and fixed texts of a bag (RFC 8493), and of a bag that is still being copied. */
final class BagLayout
{
    public const DECLARATION = 'bagit.txt';

    public const INFO = 'bag-info.txt';

    public const MANIFEST = 'manifest-'.Digest::DEFAULT.'.txt';

    public const TAG_MANIFEST = 'tagmanifest-'.Digest::DEFAULT.'.txt';

    /** Stands in a bag while it is being copied or added to; holds a line for each file that arrived, with its quick hash. */
    public const UNFINISHED = 'copy-unfinished.txt';

    /** Ends the name of a file that is still being written. */
    public const PARTIAL = '.satchel-part';

    private const LONGEST_NAME = 255;

    /** The name of a file while it is written: a long one is cut, so that it still fits a file system. */
    public static function partial(string $path): string
    {
        $name = basename($path);
        if (strlen($name) + strlen(self::PARTIAL) <= self::LONGEST_NAME) {
            return $path.self::PARTIAL;
        }
        $mark = '-'.hash('xxh64', $name);
        $short = mb_strcut($name, 0, self::LONGEST_NAME - strlen($mark.self::PARTIAL), 'UTF-8');

        return substr($path, 0, strlen($path) - strlen($name)).$short.$mark.self::PARTIAL;
    }

    public const DECLARATION_TEXT = "BagIt-Version: 1.0\nTag-File-Character-Encoding: UTF-8\n";
}
