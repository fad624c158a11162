<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A group's band across the chart of waiting; numbered where the one before leaves room. */
final readonly class StandBand
{
    public function __construct(
        public float $x,
        public float $width,
        public float $middle,
        public float $y,
        public float $height,
        public int $number,
        public bool $isNumbered,
    ) {}
}
