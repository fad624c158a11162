<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** A segment in the drawing of a day; its title broken to lines that fit, lying or upright. */
final readonly class DaySlip
{
    /**
     * @param  list<string>  $lines
     * @param  list<string>  $upright
     */
    public function __construct(
        public int $id,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $title,
        public array $lines,
        public array $upright,
        public string $time,
        public string $priority,
        public bool $isOutdoor,
        public bool $isAnchor,
    ) {}
}
