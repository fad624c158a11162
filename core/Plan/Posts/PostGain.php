<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** Something more, and what it would add to what is covered. */
final readonly class PostGain
{
    public function __construct(public string $what, public int $worth) {}
}
