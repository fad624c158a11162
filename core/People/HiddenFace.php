<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A face that another hides from the lens. */
final readonly class HiddenFace
{
    public function __construct(
        public string $who,
        public string $behind,
    ) {}
}
