<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\ImpossibleValue;

/** A team to be pictured: all together first, then each player. */
final readonly class Team
{
    /**
     * @param  list<int>  $heightsCm  from the left, of as many players as are known
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public string $id,
        public int $players,
        public float $teamMinutes,
        public float $playerSeconds,
        public array $heightsCm = [],
    ) {
        if ($players < 0) {
            throw ImpossibleValue::of('players', 'must be at least 0');
        }
        foreach (['team_minutes' => $teamMinutes, 'player_seconds' => $playerSeconds] as $field => $value) {
            if ($value < 0) {
                throw ImpossibleValue::of($field, 'must be at least 0');
            }
        }
    }

    public function playerMinutes(): float
    {
        return ($this->players * $this->playerSeconds) / 60;
    }
}
