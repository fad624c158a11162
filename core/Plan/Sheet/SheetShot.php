<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sheet;

use NorthSatchel\Plan\Audience;

/** A shot on a sheet. */
final readonly class SheetShot
{
    /** @param  list<Audience>  $hiddenFrom */
    public function __construct(
        public string $at,
        public string $what,
        public string $priority,
        public int $minutes,
        public array $hiddenFrom = [],
        public ?string $cue = null,
        public ?string $prompt = null,
        public bool $isDone = false,
    ) {}
}
