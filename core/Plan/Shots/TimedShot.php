<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** A shot by how long it takes, and the moment that its words name, Unix seconds. */
final readonly class TimedShot
{
    public function __construct(public int $seconds, public ?int $namedAt = null) {}
}
