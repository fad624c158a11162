<?php

declare(strict_types=1);

namespace NorthSatchel\Sky;

/** From when to when a light holds, in Unix seconds. */
final readonly class LightHours
{
    public function __construct(
        public int $from,
        public int $to,
    ) {}
}
