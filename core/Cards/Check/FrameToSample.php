<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

/** A frame that could be looked at before a permit; whether its twins differ. */
final readonly class FrameToSample
{
    public function __construct(
        public int $id,
        public string $name,
        public int $bytes,
        public bool $isDiffering,
    ) {}
}
