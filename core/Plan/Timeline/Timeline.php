<?php

declare(strict_types=1);

namespace NorthSatchel\Plan\Timeline;

use NorthSatchel\ImpossibleValue;

/**
 * Forward and backward passes over lanes, places and dependencies (the critical path method:
 * J. E. Kelley and M. R. Walker, 1959), with anchors that do not move.
 */
final class Timeline
{
    /** @var array<string, int> by id, minutes since midnight */
    public array $earliestStart = [];

    /** @var array<string, int|null> by id; null where nothing later limits it */
    public array $latestStart = [];

    /** @var list<Conflict> */
    public array $conflicts = [];

    /** @var array<string, Part> in the given order */
    private array $parts = [];

    /** @var array<string, array<string, int>> for each part: minutes that must lie after the end of each it follows */
    private array $follows = [];

    /** @var array<string, string|null> where each part is, inherited within its lane */
    private array $places = [];

    /** @var list<string> each after all it follows */
    private array $order = [];

    /**
     * @param  list<Part>  $parts  those of a lane in their order
     *
     * @throws ImpossibleValue for a way that is not listed, an unknown id, a cycle
     */
    public function __construct(private readonly int $start, array $parts, Ways $ways)
    {
        foreach ($parts as $part) {
            $this->parts[$part->id] = $part;
        }
        $this->connect($ways);
        $this->order = $this->sorted();
        foreach ($this->order as $id) {
            $this->earliestStart[$id] = $this->parts[$id]->fixedStart ?? $this->pushed($id);
        }
        $clash = new Clash($this->parts, $this->follows, $start);
        foreach (array_keys($this->parts) as $id) {
            $this->findConflicts((string) $id, $clash);
        }
        $this->backward();
    }

    public function slack(string $id): ?int
    {
        return $this->latestStart[$id] === null ? null : $this->latestStart[$id] - $this->earliestStart[$id];
    }

    /**
     * For each change of place the latest time to leave.
     *
     * @return list<LeaveBy>
     */
    public function leaveBy(): array
    {
        $list = [];
        foreach ($this->neighbours() as [$before, $id]) {
            $from = $this->places[$before];
            $to = $this->places[$id];
            if ($from !== null && $to !== null && $from !== $to) {
                $latest = $this->latestStart[$id];
                $at = $latest === null ? null : $latest - $this->follows[$id][$before];
                $list[] = new LeaveBy($this->parts[$id]->lane, $from, $to, $at, $id);
            }
        }

        return $list;
    }

    /** @return list<array{string, string}> ids of neighbours in a lane, lane by lane */
    private function neighbours(): array
    {
        $lanes = [];
        foreach ($this->parts as $part) {
            $lanes[$part->lane][] = $part->id;
        }
        $pairs = [];
        foreach ($lanes as $ids) {
            for ($i = 1; $i < count($ids); $i++) {
                $pairs[] = [$ids[$i - 1], $ids[$i]];
            }
        }

        return $pairs;
    }

    private function connect(Ways $ways): void
    {
        foreach ($this->parts as $id => $part) {
            $this->follows[$id] = [];
            $this->places[$id] = $part->place;
            foreach ($part->after as $other) {
                if (! isset($this->parts[$other])) {
                    throw ImpossibleValue::of($this->field((string) $id), "must name a segment that is there: {$other} is none");
                }
                $this->follows[$id][$other] = 0;
            }
        }
        foreach ($this->neighbours() as [$before, $id]) {
            $this->places[$id] ??= $this->places[$before];
            $way = $ways->needed($this->places[$before], $this->places[$id]);
            $this->follows[$id][$before] = max($way, $this->follows[$id][$before] ?? 0);
        }
    }

    /**
     * @return list<string>
     *
     * @throws ImpossibleValue
     */
    private function sorted(): array
    {
        $order = [];
        $state = [];
        $visit = function (string $id) use (&$visit, &$order, &$state): void {
            if (($state[$id] ?? '') === 'open') {
                throw ImpossibleValue::of($this->field($id), "must not lead in a circle: {$id} would have to end before it starts");
            }
            if (isset($state[$id])) {
                return;
            }
            $state[$id] = 'open';
            foreach (array_keys($this->follows[$id]) as $before) {
                $visit((string) $before);
            }
            $state[$id] = 'done';
            $order[] = $id;
        };
        foreach (array_keys($this->parts) as $id) {
            $visit((string) $id);
        }

        return $order;
    }

    private function field(string $id): string
    {
        return 'segments['.array_search($id, array_map(strval(...), array_keys($this->parts)), true).'].after';
    }

    /** The earliest start that the day's start, its own earliest and those before it allow. */
    private function pushed(string $id): int
    {
        $at = max($this->start, $this->parts[$id]->earliest ?? $this->start);
        foreach ($this->follows[$id] as $before => $way) {
            $at = max($at, $this->earliestStart[$before] + $this->parts[$before]->minutes + $way);
        }

        return $at;
    }

    private function findConflicts(string $id, Clash $clash): void
    {
        $part = $this->parts[$id];
        if ($part->fixedStart !== null && $this->pushed($id) > $part->fixedStart) {
            $this->conflicts[] = new Conflict($clash->ending($id, $part->fixedStart), $this->pushed($id) - $part->fixedStart, 'anchor');
        }
        $end = $this->earliestStart[$id] + $part->minutes;
        if ($part->latestEnd !== null && $end > $part->latestEnd) {
            $latest = $part->latestEnd - $part->minutes;
            $ids = $part->fixedStart !== null ? [$id] : $clash->ending($id, $latest);
            $this->conflicts[] = new Conflict($ids, $end - $part->latestEnd, 'latest_end');
        }
    }

    private function backward(): void
    {
        foreach ($this->parts as $id => $part) {
            $limits = array_filter([$part->fixedStart, $part->latestEnd === null ? null : $part->latestEnd - $part->minutes], is_int(...));
            $this->latestStart[$id] = $limits === [] ? null : min($limits);
        }
        foreach (array_reverse($this->order) as $id) {
            $latest = $this->latestStart[$id];
            if ($latest === null) {
                continue;
            }
            foreach ($this->follows[$id] as $before => $way) {
                $limit = $latest - $way - $this->parts[$before]->minutes;
                $this->latestStart[$before] = min($limit, $this->latestStart[$before] ?? $limit);
            }
        }
    }
}
