<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\ImpossibleValue;

/** A stretch of the day in one lane, with the shots under it. */
final readonly class Segment
{
    /**
     * @param  int  $startsAt  Unix seconds
     * @param  int|null  $placeId  null: where the one before was
     * @param  int  $shotMinutes  what its shot lines add up to
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
    ) {
        if ($minutes < 1) {
            throw ImpossibleValue::of('minutes', 'must be at least 1');
        }
    }

    public function endsAt(): int
    {
        return $this->startsAt + $this->minutes * 60;
    }
}
