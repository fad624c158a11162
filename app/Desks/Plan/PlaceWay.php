<?php

declare(strict_types=1);

namespace App\Desks\Plan;

use App\Models\Brief\Place;
use App\Models\Plan\Travel;

/** The way between two places of a job: as it is known, and as the map guesses it. */
final readonly class PlaceWay
{
    public function __construct(
        public Place $from,
        public Place $to,
        public ?Travel $way,
        public ?int $minutes,
        public ?int $estimate,
    ) {}
}
