<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Two people. */
final readonly class NamePair
{
    public function __construct(public string $one, public string $other) {}
}
