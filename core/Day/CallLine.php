<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A group that is called. */
final readonly class CallLine
{
    /**
     * @param  list<int>  $people  ids
     * @param  float  $minutes  with its change-over, where the groups are called in their order
     */
    public function __construct(public int $id, public string $title, public array $people, public float $minutes) {}
}
