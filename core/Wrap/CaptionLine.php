<?php

declare(strict_types=1);

namespace NorthSatchel\Wrap;

/** A caption as it was typed: of a frame, or of what was taken from a minute on. */
final readonly class CaptionLine
{
    /**
     * @param  string|null  $frame  its name, without folder and ending
     * @param  int|null  $seconds  of the day's clock
     */
    public function __construct(public string $text, public ?string $frame, public ?int $seconds) {}

    /** Its time as it was typed, 18:42 or 18:42:30; empty where it is of a frame. */
    public function clock(): string
    {
        return $this->seconds === null ? '' : sprintf('%02d:%02d', intdiv($this->seconds, 3600), intdiv($this->seconds, 60) % 60).
            ($this->seconds % 60 === 0 ? '' : sprintf(':%02d', $this->seconds % 60));
    }
}
