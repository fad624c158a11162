<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A lens on its body, as a group is taken with it. */
final readonly class StandLens
{
    private const FULL_MM = 36.0;

    /** Circle of confusion of the full format, for a print of usual size (common practice, no source). */
    public const PRINT_MM = 0.03;

    /** Looked at 1:1, two pixels are one point (common practice, no source). */
    private const PIXELS = 2.0;

    /**
     * @param  string|null  $label  null for a lens that only might be at hand
     * @param  float  $widest  f-number at that focal length
     * @param  float  $crop  1.0 for the full format
     * @param  float  $pixelUm  micrometres from pixel to pixel; 6 is the full format with 24 megapixels
     */
    public function __construct(
        public ?string $label,
        public int $focalMm,
        public float $widest,
        public float $crop = 1.0,
        public float $pixelUm = 6.0,
    ) {}

    public function sensorMm(): float
    {
        return self::FULL_MM / $this->crop;
    }

    public function printMm(): float
    {
        return self::PRINT_MM / $this->crop;
    }

    public function pixelMm(): float
    {
        return (self::PIXELS * $this->pixelUm) / 1000;
    }

    /** As the full format sees. */
    public function fullMm(): float
    {
        return $this->focalMm * $this->crop;
    }

    public function name(): string
    {
        return $this->label === null ? "{$this->focalMm} mm" : "{$this->label} at {$this->focalMm} mm";
    }
}
