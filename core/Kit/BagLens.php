<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A lens and its reach, millimetres. */
final readonly class BagLens
{
    public function __construct(public int $itemId, public string $label, public string $lane, public int $fromMm, public int $toMm) {}

    public function reaches(int $focalMm): bool
    {
        return $focalMm >= $this->fromMm && $focalMm <= $this->toMm;
    }
}
