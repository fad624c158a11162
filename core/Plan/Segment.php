<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Time\Priority;

/** A stretch of the day in one lane, with the shots under it. */
final readonly class Segment
{
    /**
     * @param  int  $startsAt  Unix seconds
     * @param  int|null  $placeId  null: where the one before was
     * @param  int  $shotMinutes  what its shot lines add up to
     * @param  int|null  $shortMinutes  the shortest bearable length
     * @param  int|null  $lowMinutes  how short it may turn out
     * @param  int|null  $highMinutes  how long it may turn out
     * @param  bool  $mayMove  into a later segment that takes others in
     * @param  int  $takesInMinutes  minutes of other segments that fit into this one
     *
     * @throws ImpossibleValue
     */
    public function __construct(
        public int $id,
        public string $title,
        public string $lane,
        public int $startsAt,
        public int $minutes,
        public Priority $priority,
        public bool $isOutdoor,
        public bool $isAnchor,
        public ?int $placeId,
        public ?string $placeName,
        public int $shotMinutes = 0,
        public ?int $shortMinutes = null,
        public ?int $lowMinutes = null,
        public ?int $highMinutes = null,
        public bool $mayMove = false,
        public int $takesInMinutes = 0,
        public bool $isBreak = false,
        public Wants $wants = new Wants(),
    ) {
        if ($minutes < 1) {
            throw ImpossibleValue::of('minutes', 'must be at least 1');
        }
    }

    /** The same with another start and length. */
    public function at(int $startsAt, int $minutes): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->lane,
            $startsAt,
            $minutes,
            $this->priority,
            $this->isOutdoor,
            $this->isAnchor,
            $this->placeId,
            $this->placeName,
            $this->shotMinutes,
            $this->shortMinutes,
            $this->lowMinutes,
            $this->highMinutes,
            $this->mayMove,
            $this->takesInMinutes,
            $this->isBreak,
            $this->wants,
        );
    }

    public function endsAt(): int
    {
        return $this->startsAt + $this->minutes * 60;
    }
}
