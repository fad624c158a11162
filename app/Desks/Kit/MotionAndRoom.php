<?php

declare(strict_types=1);

namespace App\Desks\Kit;

use NorthSatchel\Optics\CornerFit;
use NorthSatchel\Optics\Diffraction;
use NorthSatchel\Optics\MotionBlur;
use NorthSatchel\Optics\Panning;

/** What motion and the room ask of the settings. */
final readonly class MotionAndRoom
{
    public function __construct(
        public MotionBlur $blur,
        public Panning $pan,
        public float $freeze,
        public CornerFit $fit,
        public Diffraction $best,
    ) {}
}
