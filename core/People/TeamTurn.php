<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A team's picture, or its players one by one, on a light set; minutes from the start. */
final readonly class TeamTurn
{
    public function __construct(
        public string $team,
        public bool $isTeam,
        public float $from,
        public float $to,
        public int $set,
    ) {}
}
