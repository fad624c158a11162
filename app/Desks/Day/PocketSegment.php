<?php

declare(strict_types=1);

namespace App\Desks\Day;

use NorthSatchel\Day\LightRow;

/** A segment of the day, as the phone has it; times in Unix seconds. */
final readonly class PocketSegment
{
    /**
     * @param  list<string>  $lanes
     * @param  list<PocketShelter>  $shelters  where it goes when it cannot stay outdoors, in order
     * @param  array<string, int>  $ways  by lane, minutes from the segment before
     * @param  list<string>  $people
     * @param  list<PocketShot>  $shots
     * @param  list<string>  $swaps  fresh cards and cells before or in it
     * @param  list<LightRow>  $light
     * @param  array<string, string>  $posts
     */
    public function __construct(
        public int $id,
        public string $title,
        public array $lanes,
        public int $starts,
        public int $minutes,
        public int $setup,
        public int $frames,
        public string $priority,
        public ?string $where,
        public bool $isAnchor,
        public bool $isBreak,
        public bool $isOutdoor,
        public array $shelters,
        public array $ways,
        public array $people,
        public array $shots,
        public array $swaps,
        public array $light,
        public string $start,
        public ?string $planB,
        /** By photographer, the post of a period. */
        public array $posts = [],
    ) {}

    /**
     * With other shots, and without what only a photographer needs where nobody of them reads it.
     *
     * @param  list<PocketShot>  $shots
     */
    public function shared(array $shots, bool $isOfPhotographers): self
    {
        return new self(
            $this->id,
            $this->title,
            $this->lanes,
            $this->starts,
            $this->minutes,
            $this->setup,
            $this->frames,
            $this->priority,
            $this->where,
            $this->isAnchor,
            $this->isBreak,
            $this->isOutdoor,
            $isOfPhotographers ? $this->shelters : [],
            $this->ways,
            $this->people,
            $isOfPhotographers ? $shots : [],
            $isOfPhotographers ? $this->swaps : [],
            $isOfPhotographers ? $this->light : [],
            $this->start,
            $isOfPhotographers ? $this->planB : null,
            $isOfPhotographers ? $this->posts : [],
        );
    }
}
