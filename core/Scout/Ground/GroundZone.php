<?php

declare(strict_types=1);

namespace NorthSatchel\Scout\Ground;

/** Where something happens on a ground: metres along it and across it, from its near left corner. */
final readonly class GroundZone
{
    /** Where nobody says how much it is worth. */
    public const USUAL_WORTH = 3;

    public const MOST_WORTH = 100;

    /** @param  int  $worth  of covering it in a period, 0 to 100, where the period does not say otherwise */
    public function __construct(
        public string $name,
        public float $xM,
        public float $yM,
        public ZoneRole $role = ZoneRole::Main,
        public int $worth = self::USUAL_WORTH,
    ) {}
}
