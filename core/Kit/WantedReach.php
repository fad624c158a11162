<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** A focal length that a shot asks for. */
final readonly class WantedReach
{
    public function __construct(public string $shot, public string $lane, public int $focalMm) {}
}
