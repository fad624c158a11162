<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

use NorthSatchel\Failure;

/** A file or folder could not be read. */
final class UnableToRead extends \RuntimeException implements Failure
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
