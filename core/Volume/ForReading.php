<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** The half of a volume that writes, for one that is opened for reading only: each of it is refused. */
trait ForReading
{
    public function create(string $path): WritableFile
    {
        throw self::forReading($path);
    }

    public function rename(string $from, string $to): void
    {
        throw self::forReading($to);
    }

    public function putTagFile(string $path, string $contents): void
    {
        throw self::forReading($path);
    }

    public function appendTagFile(string $path, string $contents): void
    {
        throw self::forReading($path);
    }

    public function removeOwn(string $path): void
    {
        throw self::forReading($path);
    }

    public function makeFolder(string $path): void
    {
        throw self::forReading($path);
    }

    public function lock(string $path): ?Lock
    {
        throw self::forReading($path);
    }

    private static function forReading(string $path): UnableToWrite
    {
        return UnableToWrite::atPath($path, 'it is opened for reading only');
    }
}
