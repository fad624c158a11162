<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\Segment;

/** A segment over all rehearsals of a day. */
final readonly class RehearsedRow
{
    public function __construct(
        public Segment $segment,
        public string $p50,
        public string $p90,
        public int $late,
        public float $onTime,
        /** Null where no anchor comes after it. */
        public ?NeverOverrun $if,
    ) {}
}
