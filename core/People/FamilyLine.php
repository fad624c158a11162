<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A line of the family as it was typed. */
final readonly class FamilyLine
{
    public function __construct(
        public string $name,
        public string $text,
    ) {}
}
