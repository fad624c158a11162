<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** When a group stands; minutes from the start. */
final readonly class StandTurn
{
    public function __construct(
        public FamilyGroup $group,
        public float $from,
        public float $to,
        public float $minutes,
        public float $changeOver,
        public int $frames,
    ) {}
}
