<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\SceneKind;

/** Where a segment is, whether flash is planned there, and what kind of scene it is; without a place it is where the one before was. */
final readonly class Setting
{
    public function __construct(
        public ?int $placeId = null,
        public ?string $placeName = null,
        public bool $isOutdoor = false,
        public bool $hasFlash = false,
        public ?string $spotName = null,
        public ?SceneKind $scene = null,
        /** False where the brief forbids flash. */
        public bool $mayFlash = true,
    ) {}

    /** "Sundnes Chapel", or "the gallery, Sundnes Chapel". */
    public function name(): ?string
    {
        return $this->spotName === null ? $this->placeName : implode(', ', array_filter([$this->spotName, $this->placeName]));
    }
}
