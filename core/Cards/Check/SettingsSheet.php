<?php

declare(strict_types=1);

namespace NorthSatchel\Cards\Check;

/** What the plan says the dials should show; null where it says nothing. */
final readonly class SettingsSheet
{
    /**
     * @param  float|null  $slowestS  seconds
     * @param  float|null  $widest  the smallest f-number
     * @param  float|null  $smallest  the largest f-number
     */
    public function __construct(public ?float $slowestS = null, public ?int $highestIso = null, public ?float $widest = null, public ?float $smallest = null) {}

    public function isEmpty(): bool
    {
        return $this->slowestS === null && $this->highestIso === null && $this->widest === null && $this->smallest === null;
    }
}
