<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;

/** The frames and hours of a body that stands alone. */
final readonly class LoneWork extends BodyWork
{
    public function __construct(Gear $body, int $frames, public float $hours)
    {
        parent::__construct($body, $frames);
    }
}
