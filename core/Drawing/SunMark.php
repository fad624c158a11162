<?php

declare(strict_types=1);

namespace NorthSatchel\Drawing;

/** An event of the sun on the day's drawing; its label may stand beside it. */
final readonly class SunMark
{
    public function __construct(
        public float $x,
        public float $labelX,
        public string $label,
        public string $time,
    ) {}

    public function labelledAt(float $x): self
    {
        return new self($this->x, $x, $this->label, $this->time);
    }
}
