<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Replan;

/** A segment that is left of the day; times in minutes since midnight. */
final readonly class Rest
{
    /** @param  list<string>  $mayMoveTo pocket ids */
    public function __construct(
        public string $id,
        public int $minutes,
        public int $value,
        public ?int $shortMinutes = null,
        public ?int $shortValue = null,
        public bool $isMust = false,
        public ?int $fixedStart = null,
        public ?int $earliest = null,
        public ?int $latestEnd = null,
        public ?string $place = null,
        public array $mayMoveTo = [],
    ) {}

    public function isMovable(): bool
    {
        return $this->mayMoveTo !== [] && $this->fixedStart === null;
    }

    public function canBePassed(): bool
    {
        return ! $this->isMust || $this->isMovable();
    }

    public function movedMinutes(): int
    {
        return $this->shortMinutes ?? $this->minutes;
    }

    public function movedValue(): int
    {
        return $this->shortValue ?? $this->value;
    }

    /** @return list<array{How, int, int}> the ways to do it in its turn: how, minutes, value */
    public function doings(): array
    {
        $doings = [[How::Full, $this->minutes, $this->value]];
        if ($this->fixedStart === null && $this->shortMinutes !== null && $this->shortValue !== null) {
            $doings[] = [How::Short, $this->shortMinutes, $this->shortValue];
        }

        return $doings;
    }

    /** When it would start for somebody who could be there at a time; null when it cannot be done then. */
    public function startAt(int $arrival, int $minutes): ?int
    {
        $start = max($arrival, $this->earliest ?? $arrival);
        if ($this->fixedStart !== null) {
            if ($start > $this->fixedStart) {
                return null;
            }
            $start = $this->fixedStart;
        }

        return $this->latestEnd !== null && $start + $minutes > $this->latestEnd ? null : $start;
    }
}
