<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A body with its two slots, and what its pair of cards holds. */
final readonly class PocketBody
{
    /**
     * @param  PocketCard|null  $first  in slot 1
     * @param  int|null  $frames  that a pair holds in its save mode, a tenth kept free; null where sizes are not known
     * @param  float|null  $since  Unix seconds at which the pair was loaded
     */
    public function __construct(
        public int $id,
        public string $label,
        public string $lane,
        public ?PocketCard $first,
        public ?PocketCard $second,
        public ?int $frames,
        public ?float $since,
    ) {}
}
