<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Template;

use NorthSatchel\Time\Priority;

/** A segment as a template proposes it; start in minutes since midnight. */
final readonly class TemplateSegment
{
    /**
     * @param  list<string>  $shots
     * @param  bool  $isShared  with the second photographer, where there is one
     */
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
        public bool $isShared = false,
    ) {}

    public function at(int $start, ?int $minutes = null): self
    {
        return $this->with($this->lane, $start, $minutes ?? $this->minutes, $this->isShared);
    }

    /** @return non-empty-list<string> */
    public function lanes(): array
    {
        return $this->isShared && $this->lane !== 'second' ? [$this->lane, 'second'] : [$this->lane];
    }

    /** As somebody does who is alone. */
    public function alone(): self
    {
        return $this->with('lead', $this->start, $this->minutes, false);
    }

    private function with(string $lane, int $start, int $minutes, bool $isShared): self
    {
        return new self(
            $this->title,
            $lane,
            $start,
            $minutes,
            $this->priority,
            $this->isOutdoor,
            $this->isAnchor,
            $this->shortMinutes,
            $this->mayMove,
            $this->takesIn,
            $this->isBreak,
            $this->shots,
            $isShared,
        );
    }
}
