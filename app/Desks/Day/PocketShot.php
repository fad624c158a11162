<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A line of the shot list, as the phone has it. */
final readonly class PocketShot
{
    public function __construct(
        public int $id,
        public string $what,
        public string $priority,
        public int $minutes,
        public ?int $focal,
        public ?string $cue,
        /** Who holds a lens for it, where that is not who takes it; null where they have it, or no focal length is named. */
        public ?string $lens,
        public bool $hasNoLens,
        /** Words to say, or a pose to ask for. */
        public ?string $prompt = null,
    ) {}
}
