<?php

declare(strict_types=1);

namespace NorthSatchel\People;

/** The segment of the plan in which the family groups are taken; startsAt in Unix seconds. */
final readonly class FormalsSegment
{
    public function __construct(
        public int $id,
        public string $title,
        public int $startsAt,
        public int $minutes,
        public bool $isAnchor,
    ) {}
}
