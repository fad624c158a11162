<?php

declare(strict_types=1);

namespace NorthSatchel\Volume;

use NorthSatchel\Failure;

/** A file or folder could not be written. */
final class UnableToWrite extends \RuntimeException implements Failure
{
    private function __construct(public readonly string $path, public readonly string $reason)
    {
        parent::__construct("{$path} cannot be written: {$reason}");
    }

    public static function atPath(string $path, string $reason): self
    {
        return new self($path, $reason);
    }

    public static function becauseFull(string $path): self
    {
        return new self($path, 'the drive is full');
    }

    public static function becauseGone(string $path): self
    {
        return new self($path, 'the drive is gone');
    }

    public static function becauseTaken(string $path): self
    {
        return new self($path, 'something is there already, and nothing is overwritten');
    }
}
