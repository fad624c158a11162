<?php

declare(strict_types=1);

namespace NorthSatchel\Kit\Needs;

use NorthSatchel\Time\Priority;

/** Where in the plan something is needed, and by whom. */
final readonly class NeededAt
{
    /**
     * @param  int  $from  Unix seconds
     * @param  string  $why  as a part of a sentence: "“Vows” at 13:05"
     */
    public function __construct(
        public int $segmentId,
        public string $lane,
        public int $from,
        public int $to,
        public ?int $placeId,
        public Priority $priority,
        public string $why,
    ) {}

    public function meets(self $other): bool
    {
        return $this->from < $other->to && $other->from < $this->to;
    }
}
