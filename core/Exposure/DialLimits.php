<?php

declare(strict_types=1);

namespace NorthSatchel\Exposure;

/** Limits that somebody wrote down for the dials; null where there is none. */
final readonly class DialLimits
{
    /**
     * @param  int|null  $slowest  as its denominator
     * @param  float|null  $widest  the smallest f-number
     * @param  float|null  $smallest  the largest f-number
     */
    public function __construct(
        public ?int $slowest = null,
        public ?int $highestIso = null,
        public ?float $widest = null,
        public ?float $smallest = null,
    ) {}
}
