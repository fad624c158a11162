<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

/** A segment as it was lived through: from its taps where there are some, else as it was planned. */
final readonly class LivedSegment
{
    /**
     * @param  list<string>  $lanes
     * @param  float  $from  Unix seconds
     * @param  bool  $isOver  by its taps, or because another was started
     * @param  list<LivedShot>  $shots
     */
    public function __construct(
        public int $id,
        public string $title,
        public array $lanes,
        public float $from,
        public float $to,
        public bool $isOver,
        public array $shots,
    ) {}
}
