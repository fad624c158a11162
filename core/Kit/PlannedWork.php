<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

use NorthSatchel\Kit\Needs\Need;

/** What the day asks of kit in numbers. */
final readonly class PlannedWork
{
    /** @param  list<Need>  $needs  without cells and cards, which follow from the bodies */
    public function __construct(public array $needs, public int $frames, public int $pops, public float $hours, public float $temperatureC) {}
}
