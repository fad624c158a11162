<?php

declare(strict_types=1);

namespace NorthSatchel\People\Roster;

/** Somebody of a roster. */
final readonly class RosterPlayer
{
    /**
     * @param  int|null  $number  on the shirt
     * @param  bool|null  $isToday  in the line-up; null where none is known of that team
     */
    public function __construct(
        public string $team,
        public ?int $number,
        public string $name,
        public string $position = '',
        public ?bool $isToday = null,
        /** False where somebody, or a guardian, does not want the name told. */
        public bool $mayBeNamed = true,
    ) {}

    public function nameless(): self
    {
        return new self($this->team, $this->number, $this->name, $this->position, $this->isToday, false);
    }

    public function plays(bool $isToday): self
    {
        return new self($this->team, $this->number, $this->name, $this->position, $isToday, $this->mayBeNamed);
    }
}
