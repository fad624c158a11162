<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

use NorthSatchel\Scout\Ground\GroundZone;

/** Where something happens: a goal, a corner, a finish, the podium. */
final readonly class Zone
{
    public function __construct(public string $id, public float $xM, public float $yM) {}

    public static function of(GroundZone $zone): self
    {
        return new self($zone->name, $zone->xM, $zone->yM);
    }
}
