<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** What lies between two segments of a lane in the drawing: the way as a cord, the slack as a spring, in SVG. */
final readonly class DayLink
{
    /** @param  bool  $isKnown  whether anybody, or the map, knows the way; of no other is there a slack */
    public function __construct(
        public float $x,
        public float $cord,
        public string $spring,
        public float $springX,
        public int $slack,
        public bool $isKnown,
        public string $label,
    ) {}
}
