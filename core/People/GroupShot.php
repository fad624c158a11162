<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A group that was shot: Unix seconds of the tap, and its planned minutes. */
final readonly class GroupShot
{
    public function __construct(
        public int $at,
        public float $minutes,
    ) {}
}
