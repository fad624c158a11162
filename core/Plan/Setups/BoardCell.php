<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Drawing\FittedLines;

/** The compartment of an element, in units of the drawing. */
final readonly class BoardCell
{
    /**
     * @param  list<bool>  $beads  one for each alternative that is wanted, and each keeper more; whether it is in the can
     * @param  int|null  $turn  which it is in the order of work; null where it has no setup
     */
    public function __construct(
        public WantedElement $element,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public array $beads,
        public FittedLines $name,
        public ?int $turn,
        public string $says,
    ) {}
}
