<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** A name at a point of a drawing, set so that it is not cut off at the drawing's edge. */
final readonly class SidedMark
{
    /** @param  string  $anchor  start, middle or end, as in SVG */
    private function __construct(public string $name, public float $x, public float $y, public string $anchor) {}

    /** @param  float  $width  of the drawing */
    public static function at(string $name, Point $at, float $width, float $letterPx): self
    {
        $half = mb_strlen($name) * $letterPx / 2;

        return new self($name, $at->x, $at->y, $at->x < $half ? 'start' : ($at->x > $width - $half ? 'end' : 'middle'));
    }
}
