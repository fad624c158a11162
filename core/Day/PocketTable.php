<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;

/**
 * The answers that may be asked on the day, worked out before it: for every segment and every lateness in steps, both ways out. The
 * phone looks them up; what is asked between two steps is answered by the next longer one.
 */
final readonly class PocketTable implements \JsonSerializable
{
    public const STEP_MINUTES = 5;

    /** Beyond it the day is planned anew on the desk. */
    public const LONGEST_MINUTES = 240;

    /**
     * @param  list<WayOut>  $ways  each once
     * @param  array<int, list<list<int>>>  $at  by segment id, for 5, 10, 15 … minutes, which of the ways; none where nothing changes
     */
    private function __construct(public array $ways, public array $at) {}

    public static function of(PlannedDay $day): self
    {
        $ways = $known = $at = [];
        foreach (array_values(array_filter($day->segments, static fn (Segment $s): bool => ! $s->isBreak)) as $segment) {
            for ($late = self::STEP_MINUTES; $late <= self::LONGEST_MINUTES; $late += self::STEP_MINUTES) {
                $here = [];
                foreach (WaysOut::of($day, $segment->id, $late) as $way) {
                    $key = hash('xxh128', serialize($way));
                    if (! isset($known[$key])) {
                        $known[$key] = count($ways);
                        $ways[] = $way;
                    }
                    $here[] = $known[$key];
                }
                $at[$segment->id][] = $here;
            }
        }

        return new self($ways, $at);
    }

    /**
     * For somebody else's phone: their segments, and no way that speaks of what is hidden from them.
     *
     * @param  list<int>  $segments
     * @param  list<string>  $hidden  titles
     */
    public function shared(array $segments, array $hidden): self
    {
        $ways = $moved = $at = [];
        foreach (array_intersect_key($this->at, array_flip($segments)) as $id => $steps) {
            foreach ($steps as $step) {
                $here = [];
                foreach ($step as $index) {
                    if (self::tells($this->ways[$index], $hidden)) {
                        continue;
                    }
                    if (! isset($moved[$index])) {
                        $moved[$index] = count($ways);
                        $ways[] = $this->ways[$index];
                    }
                    $here[] = $moved[$index];
                }
                $at[$id][] = $here;
            }
        }

        return new self($ways, $at);
    }

    /** @param  list<string>  $titles */
    private static function tells(WayOut $way, array $titles): bool
    {
        return array_filter($titles, static fn (string $t): bool => str_contains(implode(' ', $way->says), $t)) !== [];
    }

    /** @return list<WayOut> as the phone looks it up: of the next step that is no shorter; none beyond the longest */
    public function at(int $segmentId, int $lateMinutes): array
    {
        $step = $this->at[$segmentId][(int) ceil($lateMinutes / self::STEP_MINUTES) - 1] ?? [];

        return array_map(fn (int $i): WayOut => $this->ways[$i], $step);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['step' => self::STEP_MINUTES, 'longest' => self::LONGEST_MINUTES, 'ways' => $this->ways, 'at' => (object) $this->at];
    }
}
