<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A line of a proposed kit. */
final readonly class ProposedLine
{
    public function __construct(
        public string $labels,
        public int $grams,
        public string $why,
    ) {}
}
