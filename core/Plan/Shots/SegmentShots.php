<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Shots;

/** A segment with the shots that it has already. */
final readonly class SegmentShots
{
    /**
     * @param  list<string>  $shots
     * @param  int|null  $from  minutes since midnight of its day; null where no hour is to speak for it
     */
    public function __construct(
        public string $title,
        public array $shots,
        public ?int $from = null,
        public ?int $to = null,
        /** A sport is played in it. */
        public bool $isPlay = false,
    ) {}

    /** Whether it runs at that minute; a segment whose hours are not known may. */
    public function runsAt(int $minute): bool
    {
        return $this->from === null || $this->to === null || ($this->from <= $minute && $minute < $this->to);
    }
}
