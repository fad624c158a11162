<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** A thing measured in a picture. */
final readonly class Measured
{
    /**
     * @param  float|null  $bearingDeg  null when the picture does not say which way it looks
     * @param  float|null  $widthM  null without a tap at its edge
     * @param  float  $topDeg  of its top above the level
     */
    public function __construct(
        public ?float $bearingDeg,
        public float $distanceM,
        public float $heightM,
        public ?float $widthM,
        public float $topDeg,
    ) {}
}
