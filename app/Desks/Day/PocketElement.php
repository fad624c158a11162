<?php

declare(strict_types=1);

namespace App\Desks\Day;

/** An element of a final picture, as a phone counts it. */
final readonly class PocketElement
{
    public function __construct(public int $id, public string $name, public string $picture, public string $setup, public int $wanted) {}
}
