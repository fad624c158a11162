<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

/** What throws a shadow: body and shadow as SVG polygon points; no shadow below the horizon. */
final readonly class DrawnThing
{
    public function __construct(
        public string $name,
        public float $x,
        public float $y,
        public string $body,
        public string $shadow,
    ) {}
}
