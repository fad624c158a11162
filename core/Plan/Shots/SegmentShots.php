<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** A segment with the shots that it has already. */
final readonly class SegmentShots
{
    /**
     * @param  list<string>  $shots
     */
    public function __construct(
        public string $title,
        public array $shots,
    ) {}
}
