<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

use NorthSatchel\Exposure\FlashWay;

/** What the plan says the dials should show; null where it says nothing. */
final readonly class SettingsSheet
{
    /**
     * @param  float|null  $slowestS  seconds
     * @param  float|null  $widest  the smallest f-number
     * @param  float|null  $smallest  the largest f-number
     */
    public function __construct(
        public ?float $slowestS = null,
        public ?int $highestIso = null,
        public ?float $widest = null,
        public ?float $smallest = null,
    ) {}

    public function isEmpty(): bool
    {
        return $this->slowestS === null && $this->highestIso === null && $this->widest === null && $this->smallest === null;
    }

    /** How many of its limits a frame can be held against. */
    public function limitsFor(ExposedFrame $frame): int
    {
        return count(
            array_filter([
                $this->slowestS !== null && $frame->shutterS !== null,
                $this->highestIso !== null && $frame->iso !== null,
                $this->widest !== null && $frame->fNumber !== null,
                $this->smallest !== null && $frame->fNumber !== null,
            ]),
        );
    }

    public function says(): string
    {
        return $this->isEmpty()
            ? 'no limits are written on the sheet'
            : implode(
                ', ',
                array_filter([
                    $this->slowestS === null ? null : 'no slower than '.FlashWay::shutter($this->slowestS),
                    $this->highestIso === null ? null : "no more than ISO {$this->highestIso}",
                    $this->widest === null ? null : "from f/{$this->widest}",
                    $this->smallest === null ? null : "to f/{$this->smallest}",
                ]),
            );
    }
}
