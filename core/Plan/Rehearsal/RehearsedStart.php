<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Rehearsal;

/** The start of a segment over all rehearsals: the middle and the ninth of ten, and the share on time where it is an anchor. */
final readonly class RehearsedStart
{
    public function __construct(
        public string $id,
        public float $p50,
        public float $p90,
        public ?float $onTime,
    ) {}
}
