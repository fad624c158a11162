<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Judge;

use NorthSatchel\Time\Priority;

/** A line of a shot list, as a brief is held against it. */
final readonly class SceneShot
{
    /** @param  string|null  $light  as the plan wants it: flash, against and the like */
    public function __construct(public string $what, public Priority $priority, public ?string $light = null, public ?int $focalMm = null) {}
}
