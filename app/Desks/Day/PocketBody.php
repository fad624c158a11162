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
     * @param  int|null  $chargeFrames  that a charge gives that day; null where nobody knows the body
     * @param  float  $chargeHours  of standby that it gives
     * @param  int  $spares  charged cells beside the one in it, before anything was swapped
     * @param  list<float>  $celled  Unix seconds at which it got fresh cells
     */
    public function __construct(
        public int $id,
        public string $label,
        public string $lane,
        public ?PocketCard $first,
        public ?PocketCard $second,
        public ?int $frames,
        public ?float $since,
        public ?int $chargeFrames = null,
        public float $chargeHours = 0.0,
        public int $spares = 0,
        public array $celled = [],
    ) {}
}
