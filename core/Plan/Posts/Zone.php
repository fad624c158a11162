<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** Where something happens: a goal, a corner, a finish, the podium. */
final readonly class Zone
{
    public function __construct(public string $id, public float $xM, public float $yM) {}
}
