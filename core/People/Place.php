<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** Where somebody of a group stands: metres to the right of the middle, behind the front row, and the height of the eyes. */
final readonly class Place
{
    public function __construct(
        public string $name,
        public int $row,
        public float $x,
        public float $depthM,
        public float $eyesM,
        public float $topM,
        public bool $sits,
        /** Who holds them; null for who stands or sits by themselves. */
        public ?string $heldBy = null,
    ) {}
}
