<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** A shot by how long it takes, and the moment that its words name, Unix seconds; what is taken on the way is over before the segment begins. */
final readonly class TimedShot
{
    public function __construct(public int $seconds, public ?int $namedAt = null, public bool $isOnTheWay = false) {}
}
