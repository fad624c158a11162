<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A thing that stands somewhere, who takes it along, and when the plan leaves that place for good. */
final readonly class PocketStanding
{
    public function __construct(
        public int $item,
        public string $label,
        public string $place,
        public string $since,
        public string $lane,
        public ?string $leaves,
    ) {}
}
