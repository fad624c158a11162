<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Station;

use NorthSatchel\Kit\Shelf\Gear;

/** One thing of the chain from the camera to the drives, and how many more of its kind are in the bag. */
final readonly class StationLink
{
    /** @param  float|null  $rateMbS  null where nobody wrote it down, and of what has none */
    public function __construct(
        public string $role,
        public ?Gear $gear,
        public ?float $rateMbS,
        public int $spares,
        public bool $isSlowest = false,
    ) {}

    public function label(): string
    {
        return $this->gear->label ?? "no {$this->role}";
    }

    public function spareSays(): string
    {
        return $this->gear === null ? 'missing' : match ($this->spares) {
            0 => 'no spare',
            1 => '1 spare',
            default => "{$this->spares} spares",
        };
    }
}
