<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** A player of a team with the pose that is theirs. */
final readonly class PosedPlayer
{
    public function __construct(
        public int $number,
        public string $pose,
        public string $turned,
        public bool $isForward,
    ) {}
}
