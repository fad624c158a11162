<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\Segment;

/** Where minutes more help an anchor most: its share on time before and after. */
final readonly class BestBuffer
{
    public function __construct(
        public Segment $segment,
        public int $minutes,
        public float $before,
        public float $after,
        public Segment $anchor,
    ) {}
}
