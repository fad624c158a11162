<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

use NorthSatchel\Time\ClockTime;

/** An element and when it is taken, minutes of the clock; the change-over before it from when. */
final readonly class TimedElement
{
    /** @param  int|null  $changeFrom  null where the setup stands */
    public function __construct(public WantedElement $element, public ?int $changeFrom, public int $from, public int $to) {}

    public function says(): string
    {
        return ClockTime::face($this->from).'–'.ClockTime::face($this->to);
    }

    /** What the change-over before it takes; null where the setup stands. */
    public function changeSays(): ?string
    {
        return $this->changeFrom === null
            ? null
            : 'built from '.ClockTime::face($this->changeFrom).', '.($this->from - $this->changeFrom).' min before the first picture';
    }
}
