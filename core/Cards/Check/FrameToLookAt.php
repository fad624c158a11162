<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

/** A frame that was chosen to be looked at, with the reason. */
final readonly class FrameToLookAt
{
    public function __construct(
        public int $id,
        public string $name,
        public string $why,
    ) {}
}
