<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Drawing\FittedLines;
use NorthSatchel\Drawing\Span;

/** A job's line in the drawing of several: when it may start, where it is planned, where the best order puts it. */
final readonly class StopRow
{
    /** Before the line, in units of the drawing. */
    private const NAME_WIDTH = 176.0;

    private const NAME_HEIGHT = 42.0;

    private const SIZE = 13.0;

    public function __construct(
        public string $name,
        public ?Span $window,
        public PlannedSlip $planned,
        public ?PlannedSlip $best,
    ) {}

    /** Its name, as it fits before the line. */
    public function writtenName(): FittedLines
    {
        return new FittedLines($this->name, self::NAME_WIDTH, self::NAME_HEIGHT, self::SIZE);
    }
}
