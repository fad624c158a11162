<?php

declare(strict_types=1);

namespace NorthSatchel\Kit;

/** What a camera that stands alone has to do. */
final readonly class RemoteWork
{
    public function __construct(
        public int $frames,
        public float $hours,
    ) {}
}
