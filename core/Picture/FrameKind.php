<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** What a file on a card is, by the ending of its name. */
enum FrameKind: string
{
    case Raw = 'raw';
    case Jpeg = 'jpeg';

    private const RAW_ENDINGS = [
        'dng', 'tif', 'tiff', 'arw', 'cr2', 'cr3', 'crw', 'nef', 'nrw', 'raf', 'orf', 'rw2', 'pef', 'srw', 'raw',
        '3fr', 'fff', 'iiq', 'x3f',
    ];

    /** Null for what is no still frame. */
    public static function of(string $path): ?self
    {
        $ending = strtolower(pathinfo($path, PATHINFO_EXTENSION));

        return match (true) {
            in_array($ending, ['jpg', 'jpeg'], true) => self::Jpeg,
            in_array($ending, self::RAW_ENDINGS, true) => self::Raw,
            default => null,
        };
    }

    /** Raw and jpeg of one exposure share this: folder and name without the ending. */
    public static function frameOf(string $path): string
    {
        return substr($path, 0, strlen($path) - strlen(pathinfo($path, PATHINFO_EXTENSION)) - 1);
    }
}
