<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A thing that a stop of the day wants. */
final readonly class StopThing
{
    public function __construct(
        public string $label,
        public string $kind,
    ) {}
}
