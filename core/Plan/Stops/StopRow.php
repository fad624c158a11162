<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Drawing\Span;
use NorthSatchel\Plan\SlipTitle;

/** A job's line in the drawing of several: when it may start, where it is planned, where the best order puts it. */
final readonly class StopRow
{
    private const LETTERS = 26;

    private const MOST_LINES = 3;

    public function __construct(
        public string $name,
        public ?Span $window,
        public PlannedSlip $planned,
        public ?PlannedSlip $best,
    ) {}

    /** @return list<string> its name, as it fits before the line */
    public function nameLines(): array
    {
        return array_slice(SlipTitle::lines($this->name, self::LETTERS), 0, self::MOST_LINES);
    }
}
