<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

/** What decides how long a camera can stand alone. */
final readonly class RemoteBody
{
    public function __construct(
        public float $rawMb,
        public float $jpegMb,
        public float $framesPerCharge,
        public float $standbyHours,
        public float $cardGb,
    ) {}
}
