<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A thing that one carries, and what it means when it breaks. */
final readonly class PocketGear
{
    public function __construct(public int $item, public string $label, public string $lane, public string $says) {}
}
