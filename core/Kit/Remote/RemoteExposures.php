<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Remote;

use NorthSatchel\Exposure\Settings;
use NorthSatchel\Plural;

/** How a camera that stands alone is set: one exposure throughout, or a shutter with an ISO that follows the light. */
final readonly class RemoteExposures
{
    private const SEEN_STOPS = 0.5;

    /** @param  float  $stopsShort  by which the highest ISO is too little in the darkest moment */
    public function __construct(
        public Settings $fixed,
        public int $shutter,
        public int $isoFrom,
        public int $isoTo,
        private float $stopsShort = 0.0,
    ) {}

    /** What the highest ISO does not reach, in words; empty where it does. */
    public function tooDark(): string
    {
        return $this->stopsShort < self::SEEN_STOPS
            ? ''
            : " In the darkest moment even ISO {$this->isoTo} is {$this->stopsShort} ".
                Plural::of((int) ceil($this->stopsShort), 'stop', 'stops')." too little at f/{$this->fixed->fNumber}: ".
                '1/'.(int) floor($this->shutter / 2 ** $this->stopsShort).' s, or a faster lens.';
    }

    /** Both schools in words; one where the light stays. */
    public function says(): string
    {
        $fixed = "f/{$this->fixed->fNumber}, 1/{$this->fixed->shutter} s, ISO {$this->fixed->iso}";

        return $this->isoFrom === $this->isoTo
            ? "{$fixed}.{$this->tooDark()}"
            : "one of two: {$fixed} for its first frames; or 1/{$this->shutter} s, and ISO runs from ".
                "{$this->isoFrom} to {$this->isoTo}.{$this->tooDark()}";
    }
}
