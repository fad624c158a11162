<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Setups;

/** The hours of a studio day, minutes of the clock. */
final readonly class DayFrame
{
    /**
     * @param  list<DayBreak>  $breaks  in the order of time, apart from each other
     * @param  string|null  $before  what of the plan begins at its end; null: the covered hours are over
     */
    public function __construct(public int $from, public int $to, public array $breaks = [], public ?string $before = null) {}

    /** Minutes from then to the end in which something can be taken. */
    public function free(int $from): int
    {
        $rest = array_map(fn (DayBreak $b): int => max(0, min($b->to, $this->to) - max($b->from, $from)), $this->breaks);

        return $this->to - $from - array_sum($rest);
    }

    /** When something of so many minutes begins at the earliest: it is not cut in two by a break. */
    public function begins(int $at, int $minutes): int
    {
        foreach ($this->breaks as $break) {
            if ($at < $break->to && $at + $minutes > $break->from) {
                $at = $break->to;
            }
        }

        return $at;
    }
}
