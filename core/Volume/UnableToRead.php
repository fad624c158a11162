<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

/** A file or folder could not be read. */
final class UnableToRead extends \RuntimeException
{
    private function __construct(public readonly string $path, public readonly string $reason)
    {
        parent::__construct("{$path} cannot be read: {$reason}");
    }

    public static function fromPath(string $path, string $reason): self
    {
        return new self($path, $reason);
    }
}
