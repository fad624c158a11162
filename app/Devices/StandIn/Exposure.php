<?php

declare(strict_types=1);

namespace App\Devices\StandIn;

/** One press of a stand-in camera's release. */
final readonly class Exposure
{
    public function __construct(
        /** True Unix seconds; the camera writes what its own clock shows. */
        public int $at,
        public int $offsetS,
        public string $lens,
        public int $focalMm,
        public int $shutterDenominator,
        public float $fNumber,
        public int $iso,
        public string $scene,
        /** The code of a board that is held into the picture. */
        public ?string $board = null,
    ) {}
}
