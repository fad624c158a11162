<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Stops;

use NorthSatchel\Time\LocalDay;

/** A day of a job, as it keeps the photographer from being elsewhere: its covered hours, in Unix seconds. */
final readonly class Engagement
{
    public function __construct(
        public string $name,
        public LocalDay $day,
        public int $from,
        public int $to,
        public ?int $place,
    ) {}

    /** “Slope house” ends at 10:00. */
    public function ends(): string
    {
        return "“{$this->name}” ends at {$this->day->face($this->to)}";
    }

    /** “Old dairy” starts at 10:15. */
    public function starts(): string
    {
        return "“{$this->name}” starts at {$this->day->face($this->from)}";
    }
}
