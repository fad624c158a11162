<?php

declare(strict_types=1);

namespace App\Desks\Cards;

use NorthSatchel\Day\FrameMatch;
use NorthSatchel\Day\LivedSegment;
use NorthSatchel\Verdict;
use NorthSatchel\Verdicts;

/** What the cards hold at a break, against the day so far. */
final readonly class BreakRead
{
    /**
     * @param  list<LivedSegment>  $segments
     * @param  list<string>  $cards  that were read, each with its frames
     * @param  list<string>  $problems
     * @param  list<Verdict>  $bumps  of the newest frames of each body against the settings sheet
     */
    public function __construct(
        public FrameMatch $match,
        public array $segments,
        public array $cards,
        public array $problems,
        private array $bumps,
    ) {}

    /** Musts with no frame first, then dials that have turned. */
    public function verdicts(): Verdicts
    {
        return $this->match->verdicts()->with(new Verdicts($this->bumps));
    }
}
