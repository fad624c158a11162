<?php

declare(strict_types=1);

namespace NorthSatchel\People;

use NorthSatchel\Drawing\Span;

/** A person's line in the chart of waiting. */
final readonly class StandRow
{
    /**
     * @param  list<Span>  $inFrame
     */
    public function __construct(
        public string $name,
        public float $y,
        public Span $waits,
        public array $inFrame,
        public float $freeX,
        public int $free,
        public float $waitsMinutes,
    ) {}
}
