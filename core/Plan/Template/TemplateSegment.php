<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Template;

use NorthSatchel\Time\Priority;

/** A segment as a template proposes it; start in minutes since midnight. */
final readonly class TemplateSegment
{
    /** @param  list<string>  $shots */
    public function __construct(
        public string $title,
        public string $lane,
        public int $start,
        public int $minutes,
        public Priority $priority,
        public bool $isOutdoor = false,
        public bool $isAnchor = false,
        public ?int $shortMinutes = null,
        public bool $mayMove = false,
        public int $takesIn = 0,
        public bool $isBreak = false,
        public array $shots = [],
    ) {}

    public function at(int $start, ?int $minutes = null): self
    {
        return new self(
            $this->title,
            $this->lane,
            $start,
            $minutes ?? $this->minutes,
            $this->priority,
            $this->isOutdoor,
            $this->isAnchor,
            $this->shortMinutes,
            $this->mayMove,
            $this->takesIn,
            $this->isBreak,
            $this->shots,
        );
    }
}
