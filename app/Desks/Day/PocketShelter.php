<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** A spot under a roof that serves a segment which cannot stay outdoors. */
final readonly class PocketShelter
{
    public function __construct(public int $spot, public string $name, public string $says) {}
}
