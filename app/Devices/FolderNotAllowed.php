<?php

declare(strict_types=1);

namespace App\Devices;

/** A folder outside the roots that the owner allowed, or none at all. */
final class FolderNotAllowed extends \RuntimeException
{
    public static function outside(string $folder): self
    {
        return new self("{$folder} lies outside the folders you allowed.");
    }

    public static function absent(string $folder): self
    {
        return new self("{$folder} is no folder that can be read: is it mounted?");
    }
}
