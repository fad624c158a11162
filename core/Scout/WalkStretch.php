<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** A part of a way in the sun, or in the shadow of one thing. */
final readonly class WalkStretch
{
    /**
     * @param  float  $fromM  from where the way begins
     * @param  string|null  $shade  what keeps the sun away; null in the sun
     */
    public function __construct(public float $fromM, public float $toM, public ?string $shade) {}

    public function middleM(): float
    {
        return ($this->fromM + $this->toM) / 2;
    }
}
