<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Rooms;

/** A room of a house, or a front of it, and the pictures that are wanted. */
final readonly class Room
{
    /** A picture with its bracket, lamps and straightening (common practice, no source). */
    public const MINUTES_A_PICTURE = 8;

    /**
     * @param  float|null  $facesDeg  of a front: the bearing towards which it looks
     */
    public function __construct(
        public string $name,
        public ?float $widthM = null,
        public ?float $lengthM = null,
        public int $pictures = 1,
        public ?float $windowEv = null,
        public ?float $roomEv = null,
        public bool $hasLamps = false,
        public ?float $facesDeg = null,
        public ?int $minutes = null,
    ) {}

    public function takes(): int
    {
        return $this->minutes ?? $this->pictures * self::MINUTES_A_PICTURE;
    }
}
