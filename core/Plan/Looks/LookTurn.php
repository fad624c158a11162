<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Looks;

/** When a look is made and when it is shot; minutes from the beginning of the box. */
final readonly class LookTurn
{
    public function __construct(
        public Look $look,
        public int $changeFrom,
        public int $hairFrom,
        public int $readyAt,
        public int $shotFrom,
        public int $shotTo,
    ) {}
}
