<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LivedSegment;

/** What the cards hold at a break, against the day so far. */
final readonly class BreakRead
{
    /**
     * @param  list<LivedSegment>  $segments
     * @param  list<string>  $cards  that were read, each with its frames
     * @param  list<string>  $problems
     */
    public function __construct(public FrameMatch $match, public array $segments, public array $cards, public array $problems) {}
}
