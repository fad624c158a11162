<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A team, or its players one by one, in the drawing of a team day. */
final readonly class TeamSlip
{
    public function __construct(
        public float $x,
        public float $width,
        public int $lane,
        public string $team,
        public bool $isTeam,
    ) {}
}
