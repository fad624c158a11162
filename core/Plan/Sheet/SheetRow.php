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
    ) {}

    /** @param  list<SheetShot>  $shots */
    public function with(array $shots): self
    {
        return new self($this->id, $this->lane, $this->title, $this->place, $this->startsAt, $this->endsAt, $this->isAnchor, $this->leaveAt, $shots, $this->hiddenFrom);
    }
}
