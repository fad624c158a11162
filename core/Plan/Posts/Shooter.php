<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** Who stands at a post: a photographer, or a camera that hangs alone. */
final readonly class Shooter
{
    public const FULL_FRAME_MM = 24.0;

    /**
     * @param  float  $focalMaxMm  their longest lens
     * @param  float  $sensorHeightMm  of its body
     * @param  string|null  $startsAt  the post of the first period; null where any may be
     */
    public function __construct(
        public string $id,
        public float $focalMaxMm,
        public float $sensorHeightMm = self::FULL_FRAME_MM,
        public ?string $startsAt = null,
    ) {}
}
