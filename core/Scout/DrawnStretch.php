<?php

declare(strict_types=1);

namespace NorthSatchel\Scout;

use NorthSatchel\Drawing\Point;

/** A part of a way on the drawing of a spot; lit where their faces have the sun. */
final readonly class DrawnStretch
{
    public function __construct(public Point $from, public Point $to, public bool $isLit) {}
}
