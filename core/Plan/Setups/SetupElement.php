<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A picture, or a part of one, that is taken in a setup. */
final readonly class SetupElement
{
    /** @param  list<string>  $after  ids of those that come before it: clean before wet, the hero before it melts */
    public function __construct(public string $id, public string $setup, public int $minutes, public array $after = []) {}
}
