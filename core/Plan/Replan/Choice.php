<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/** What becomes of a segment when the day runs late. */
final readonly class Choice
{
    /** @param  int|null  $start minutes since midnight; null when it is moved or skipped */
    public function __construct(
        public string $id,
        public How $how,
        public ?int $start = null,
        public ?int $end = null,
        public ?string $pocket = null,
    ) {}
}
