<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A thing's line in the drawing of a bag. */
final readonly class DrawnLine
{
    public function __construct(
        public string $text,
        public bool $isPacked,
    ) {}
}
