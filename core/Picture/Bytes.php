<?php

declare(strict_types=1);

namespace NorthSatchel\Picture;

/** The bytes of a picture, reachable at any position. */
interface Bytes
{
    public function size(): int;

    /** Fewer bytes than asked for where the picture ends. */
    public function at(int $offset, int $length): string;
}
