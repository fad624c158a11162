<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A frame on a card that was read at a break. */
final readonly class TakenFrame
{
    /**
     * @param  float  $at  Unix seconds, the body's clock set right
     * @param  string  $lane  whose body took it
     * @param  float|null  $focalMm  as on a full frame, where the picture says so; null where it says none
     */
    public function __construct(
        public string $name,
        public float $at,
        public string $lane,
        public string $body,
        public ?float $focalMm = null,
    ) {}
}
