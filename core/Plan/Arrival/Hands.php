<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Arrival;

use NorthSatchel\ImpossibleValue;

/** Who does what must stand: each task as soon as as many hands are free as it wants, those among them who are named. */
final class Hands
{
    /** @var array<int, int> minutes at which each is free */
    private array $free;

    /** @var array<string, int> whose hand it is, by the name in small letters */
    private array $named = [];

    public function __construct(int $count)
    {
        $this->free = array_fill(0, $count, 0);
    }

    /**
     * @param  int  $from  not before
     * @return int minutes at which it begins
     *
     * @throws ImpossibleValue when it wants more hands than there are
     */
    public function take(Task $task, int $from): int
    {
        if ($task->people > count($this->free)) {
            throw ImpossibleValue::of('tasks', "must not want more people than come: “{$task->name}” wants {$task->people}");
        }
        $who = array_values(array_unique(array_map($this->handOf(...), $task->names())));
        $others = array_diff_key($this->free, array_flip($who));
        asort($others);
        $who = [...$who, ...array_slice(array_keys($others), 0, max(0, $task->people - count($who)))];
        $start = max([$from, ...array_map(fn (int $hand): int => $this->free[$hand], $who)]);
        foreach ($who as $hand) {
            $this->free[$hand] = $start + $task->minutes;
        }

        return $start;
    }

    /** The one that bears the name; the first time, who is free first of those without one, and of all where none is left. */
    private function handOf(string $name): int
    {
        $key = mb_strtolower($name);
        if (! isset($this->named[$key])) {
            $nameless = array_diff_key($this->free, array_flip($this->named)) ?: $this->free;
            asort($nameless);
            $this->named[$key] = (int) array_key_first($nameless);
        }

        return $this->named[$key];
    }
}
