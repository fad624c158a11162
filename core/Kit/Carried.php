<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Shelf\Gear;

/** A thing of the packing list, and the photographer who carries it. */
final readonly class Carried
{
    public function __construct(public Gear $gear, public string $lane) {}
}
