<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** A shot with the light that it wants. */
final readonly class LitLine
{
    public function __construct(
        public int $id,
        public ?string $light,
        public string $what,
    ) {}
}
