<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

use NorthSatchel\Volume\ReadableFile;

/** A picture on a volume. */
final readonly class FileBytes implements Bytes
{
    public function __construct(private ReadableFile $file) {}

    public function size(): int
    {
        return $this->file->bytes();
    }

    public function at(int $offset, int $length): string
    {
        return $offset < 0 || $length < 1 ? '' : $this->file->readAt($offset, $length);
    }
}
