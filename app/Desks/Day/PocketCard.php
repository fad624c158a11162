<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A card that is in a slot, or could go into one. */
final readonly class PocketCard
{
    public function __construct(public int $id, public string $label) {}
}
