<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** A picture, or a part of one, in memory. */
final readonly class TextBytes implements Bytes
{
    public function __construct(private string $bytes) {}

    public function size(): int
    {
        return strlen($this->bytes);
    }

    public function at(int $offset, int $length): string
    {
        return $offset < 0 || $length < 1 ? '' : substr($this->bytes, $offset, $length);
    }
}
