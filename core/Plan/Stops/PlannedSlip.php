<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

/** A job among several on one day, as planned or where the best order puts it; then with its place in that order, from 1. */
final readonly class PlannedSlip
{
    public function __construct(
        public float $x,
        public float $width,
        public string $time,
        public ?int $place = null,
    ) {}
}
