<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A period in the lane of a photographer. */
final readonly class LaneBar
{
    /**
     * @param  list<string>  $lines  the name of the post; none where it does not fit whole
     * @param  string  $says  all of it
     * @param  bool  $isIdle  nothing of worth is in reach
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public array $lines,
        public string $says,
        public bool $isIdle,
    ) {}
}
