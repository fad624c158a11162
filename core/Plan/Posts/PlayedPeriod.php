<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Posts;

/** A segment of the plan in which everybody stays at a post. */
final readonly class PlayedPeriod
{
    /**
     * @param  int  $startsAt  Unix seconds
     * @param  int  $endMinutes  minutes of its day's clock at which it ends
     * @param  array<string, int>  $worth  by the name of a zone, where it differs from the usual
     * @param  list<string>  $lanes  who is planned in it; empty: everybody
     * @param  list<string>  $musts  shots of it that must be taken, in words
     */
    public function __construct(
        public int $segment,
        public string $title,
        public int $startsAt,
        public int $minutes,
        public int $endMinutes,
        public array $worth = [],
        public array $lanes = [],
        public array $musts = [],
        public bool $isOutdoor = false,
        public int $day = 0,
    ) {}

    /** The same so many minutes later; of another length where one is given. */
    public function later(int $minutes, ?int $length = null): self
    {
        $length ??= $this->minutes;

        return new self(
            $this->segment,
            $this->title,
            $this->startsAt + 60 * $minutes,
            $length,
            $this->endMinutes + $minutes + $length - $this->minutes,
            $this->worth,
            $this->lanes,
            $this->musts,
            $this->isOutdoor,
            $this->day,
        );
    }

    public function endsAt(): int
    {
        return $this->startsAt + 60 * $this->minutes;
    }

    public function middle(): int
    {
        return $this->startsAt + 30 * $this->minutes;
    }

    public function isPlannedFor(string $lane): bool
    {
        return $this->lanes === [] || in_array($lane, $this->lanes, true);
    }

    /** As an id of the question that is asked. */
    public function key(): string
    {
        return "period {$this->segment}";
    }
}
