<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** A change of setups that was typed, and that a third setup between makes shorter; minutes. */
final readonly class ShorterChange
{
    public function __construct(public string $from, public string $to, public string $by, public int $typed, public int $counted) {}
}
