<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A team, or its players one by one, in the drawing of a team day. */
final readonly class TeamSlip
{
    private const LETTER_PX = 7.0;

    public function __construct(
        public float $x,
        public float $width,
        public int $lane,
        public string $team,
        public bool $isTeam,
    ) {}

    /** Whether its name can stand in it whole. */
    public function holdsItsName(): bool
    {
        return $this->width > 50 && mb_strlen($this->team) * self::LETTER_PX + 10 <= $this->width;
    }
}
