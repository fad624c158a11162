<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\TypedLine;

/** Something that must stand before the doors open. */
final readonly class Task
{
    /**
     * @param  int  $people  who do it together
     * @param  list<string>  $after  tasks that come before it
     * @param  string|null  $by  who does it; null: whoever is free
     */
    public function __construct(
        public string $name,
        public int $minutes,
        public int $people = 1,
        public array $after = [],
        public ?string $by = null,
    ) {}

    /** As it is typed. */
    public function line(): string
    {
        return implode(', ', array_filter([
            $this->name,
            "{$this->minutes} min",
            $this->people > 1 ? "{$this->people} people" : '',
            $this->by === null ? '' : "by {$this->by}",
            ...array_map(static fn (string $name): string => "after {$name}", $this->after),
        ]));
    }

    /** @return list<string> who does it, where somebody is named */
    public function names(): array
    {
        return TypedLine::names((string) $this->by);
    }
}
