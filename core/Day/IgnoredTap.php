<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A tap that changed nothing, and why. */
final readonly class IgnoredTap
{
    public function __construct(
        public string $id,
        public string $why,
    ) {}
}
