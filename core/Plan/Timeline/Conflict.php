<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

/** Segments that cannot all be as they are: the smallest chain that clashes, ending in the late one. */
final readonly class Conflict
{
    /** @param  list<string>  $ids */
    public function __construct(public array $ids, public int $minutes, public string $why) {}
}
