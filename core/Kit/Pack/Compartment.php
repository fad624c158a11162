<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A part of a drawn bag; its state: in, part, out, empty or over. */
final readonly class Compartment
{
    /**
     * @param  list<DrawnLine>  $lines
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
        public string $title,
        public array $lines,
        public string $state,
    ) {}
}
