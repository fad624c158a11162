<?php

declare(strict_types=1);

namespace NorthSatchel\Copies\Audit;

/** The next step that helps most for its minutes; chance of a loss before and after it. */
final readonly class NextStep
{
    public function __construct(
        public AuditPlace $place,
        public int $minutes,
        public int $mends,
        public float $before,
        public float $after,
    ) {}
}
