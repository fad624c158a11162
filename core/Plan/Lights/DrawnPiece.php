<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Lights;

/** A piece in units of the drawing, and where it looks. */
final readonly class DrawnPiece
{
    /** @param  float  $turnDeg  of its way to the subject, clockwise from the right */
    public function __construct(
        public SetPiece $piece,
        public float $x,
        public float $y,
        public float $toX,
        public float $toY,
        public float $size,
        public float $turnDeg,
        public bool $isSecond,
    ) {}

    /** How far from its middle it is drawn, up or down. */
    public function reach(): float
    {
        return max(12.0, $this->size / 2 * abs(cos(deg2rad($this->turnDeg)))) + 2;
    }
}
