<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** Who stands where in a period. */
final readonly class Standing
{
    public function __construct(public string $period, public string $photographer, public string $post) {}
}
