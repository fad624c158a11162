<?php

declare(strict_types=1);

namespace NorthSatchel\Plan;

use NorthSatchel\ImpossibleValue;
use NorthSatchel\Scout\Spot;
use NorthSatchel\Time\Priority;

/** A stretch of the day in one lane, with the shots under it. */
final readonly class Segment
{
    /**
     * @param  int  $startsAt  Unix seconds
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
        public Setting $setting = new Setting(),
        public bool $isAnchor = false,
        public bool $isBreak = false,
        public int $shotMinutes = 0,
        public Give $give = new Give(),
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
            $this->setting,
            $this->isAnchor,
            $this->isBreak,
            $this->shotMinutes,
            $this->give,
            $this->wants,
        );
    }

    /** The same at another spot. */
    public function atSpot(int $placeId, string $placeName, Spot $spot): self
    {
        $w = $this->wants;

        return new self(
            $this->id,
            $this->title,
            $this->lane,
            $this->startsAt,
            $this->minutes,
            $this->priority,
            new Setting($placeId, $placeName, ! $spot->isIndoor, $this->setting->hasFlash, $spot->name, $this->setting->scene),
            $this->isAnchor,
            $this->isBreak,
            $this->shotMinutes,
            $this->give,
            new Wants($w->light, $w->earliestAt, $w->latestEndAt, $w->people, $w->setupMinutes, $w->worth, $w->alsoLanes, $spot->id),
        );
    }

    public function endsAt(): int
    {
        return $this->startsAt + $this->minutes * 60;
    }
}
