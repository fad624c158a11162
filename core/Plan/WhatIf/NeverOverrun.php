<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\WhatIf;

use NorthSatchel\Plan\Segment;

/** What it helps the next anchor if a segment never takes longer than planned. */
final readonly class NeverOverrun
{
    /**
     * @param  float  $before  share of the days on which the anchor starts on time
     * @param  float  $after  the same, if the segment never overran
     */
    public function __construct(public Segment $anchor, public float $before, public float $after) {}

    /** In one sentence; where it helps nothing, that. */
    public function says(): string
    {
        [$before, $after] = [(int) round(100 * $this->before), (int) round(100 * $this->after)];

        return $after > $before
            ? "{$this->anchor->title} is on time on {$after} of 100 days instead of {$before}"
            : "no more for {$this->anchor->title}: {$before} of 100 days";
    }
}
