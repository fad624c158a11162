<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\Drawing\FittedLines;

/** A segment in the drawing of a day; its title whole, lying or upright. */
final readonly class DaySlip
{
    /**
     * @param  FittedLines|null  $text  its title, across; upright with its time in front; null where it is too narrow for words
     */
    public function __construct(
        public int $id,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $title,
        public ?FittedLines $text,
        public bool $isUpright,
        public string $time,
        public string $priority,
        public bool $isOutdoor,
        public bool $isAnchor,
    ) {}
}
