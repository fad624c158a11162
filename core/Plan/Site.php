<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

/** A place, or one spot of it: what one comes to, and what the gates on the way in belong to. */
final readonly class Site
{
    public function __construct(public int $placeId, public ?int $spotId = null) {}

    public function key(): string
    {
        return $this->spotId === null ? (string) $this->placeId : "{$this->placeId}/{$this->spotId}";
    }
}
