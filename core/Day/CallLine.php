<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A group that is called. */
final readonly class CallLine
{
    /** @param  list<int>  $people  ids */
    public function __construct(public int $id, public string $title, public array $people, public int $minutes) {}
}
