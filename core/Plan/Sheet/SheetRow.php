<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Sheet;

use NorthSatchel\Plan\Audience;

/** A segment on a sheet. */
final readonly class SheetRow
{
    /**
     * @param  int  $startsAt  Unix seconds
     * @param  int|null  $leaveAt  Unix seconds, where a way lies before it
     * @param  list<SheetShot>  $shots
     * @param  list<Audience>  $hiddenFrom
     * @param  list<string>  $alsoLanes  who does it together with its own lane
     * @param  string  $date  of the day it belongs to, YYYY-MM-DD
     */
    public function __construct(
        public int $id,
        public string $lane,
        public string $title,
        public ?string $place,
        public int $startsAt,
        public int $endsAt,
        public bool $isAnchor,
        public ?int $leaveAt = null,
        public array $shots = [],
        public array $hiddenFrom = [],
        public array $alsoLanes = [],
        public string $date = '',
    ) {}

    public function isOf(string $lane): bool
    {
        return $this->lane === $lane || in_array($lane, $this->alsoLanes, true);
    }

    /** @param  list<SheetShot>  $shots */
    public function with(array $shots): self
    {
        return new self(
            $this->id,
            $this->lane,
            $this->title,
            $this->place,
            $this->startsAt,
            $this->endsAt,
            $this->isAnchor,
            $this->leaveAt,
            $shots,
            $this->hiddenFrom,
            $this->alsoLanes,
            $this->date,
        );
    }
}
