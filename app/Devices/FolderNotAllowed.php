<?php

declare(strict_types=1);

namespace App\Devices;

use NorthSatchel\Failure;

/** A folder outside the roots that the owner allowed, or none at all. */
final class FolderNotAllowed extends \RuntimeException implements Failure
{
    public static function outside(string $folder): self
    {
        return new self("{$folder} lies outside the folders you allowed.");
    }

    public static function notWritable(string $folder): self
    {
        return new self("Nothing can be written into {$folder}: it is locked or full.");
    }

    /** Its folder is there, and the drive that was known by it is not. */
    public static function away(string $name, string $folder, bool $isAnother): self
    {
        return new self(
            $isAnother
                ? "{$name} is away: another drive stands at {$folder}."
                : "{$name} is away: {$folder} is there, and what was left on the drive is not.",
        );
    }

    public static function noPlace(string $name, string $why): self
    {
        return new self("{$name} cannot take copies: {$why}.");
    }

    /** Nobody said yet where the card is mounted. */
    public static function notMounted(string $card): self
    {
        return new self("Nobody has said where {$card} is mounted: put it into the reader, and choose its folder.");
    }

    public static function absent(string $folder): self
    {
        return new self("{$folder} is no folder that can be read: is it mounted?");
    }
}
