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

    /** Where its name stands: on its far side from the subject. */
    public function labelY(): float
    {
        $half = max(9.0, $this->size / 2 * abs(cos(deg2rad($this->turnDeg))));

        return $this->y < $this->toY ? $this->y - $half - 5 : $this->y + $half + 14;
    }
}
