<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Kit\Shelf\Gear;

/** The frames that fall on a body. */
readonly class BodyWork
{
    public function __construct(
        public Gear $body,
        public int $frames,
    ) {}
}
