<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Pack;

/** A thing on its way into a bag. */
final readonly class PackedItem
{
    public const SMALL_A_PLACE = 6;

    /** @param  bool  $isSmall  a card, a cell, a cable: several share a place */
    public function __construct(
        public int $id,
        public string $label,
        public string $kind,
        public int $grams,
        public bool $isSmall,
        public bool $isPacked,
    ) {}
}
