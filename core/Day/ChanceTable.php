<?php

declare(strict_types=1);

namespace NorthSatchel\Day;

use NorthSatchel\Plan\PlannedDay;
use NorthSatchel\Plan\Segment;
use NorthSatchel\Plan\WhatIf\DayRehearsal;

/** In how many of a hundred days the next that does not move is reached on time from here, by segment and lateness. */
final readonly class ChanceTable implements \JsonSerializable
{
    public const STEP_MINUTES = 10;

    public const LONGEST_MINUTES = 60;

    /** From the first one on, on time, it is the day that is rehearsed on its own page; of the many others fewer are enough. */
    private const FEWER_RUNS = 400;

    /** @param  array<string, array<int, list<array{int, int}|null>>>  $at  by lane and segment, for 0, 10, 20 … minutes: the anchor and the days */
    private function __construct(public array $at) {}

    public static function of(PlannedDay $day): self
    {
        $at = [];
        foreach ($day->lanes() as $name => $lane) {
            foreach ($lane as $index => $segment) {
                $anchor = self::anchorAfter(array_slice($lane, $index + 1));
                if ($anchor === null) {
                    continue;
                }
                for ($late = 0; $late <= self::LONGEST_MINUTES; $late += self::STEP_MINUTES) {
                    $rest = [$segment->at($segment->startsAt + 60 * $late, $segment->minutes), ...array_slice($lane, $index + 1)];
                    $runs = $index === 0 && $late === 0 ? DayRehearsal::RUNS : self::FEWER_RUNS;
                    $chances = (new DayRehearsal($day->with($rest), $name, $runs))->anchors();
                    $at[$name][$segment->id][] = [$anchor->id, (int) round(100 * ($chances[$anchor->id] ?? 1.0))];
                }
            }
        }

        return new self($at);
    }

    /** @param  list<Segment>  $rest */
    private static function anchorAfter(array $rest): ?Segment
    {
        foreach ($rest as $segment) {
            if ($segment->isAnchor) {
                return $segment;
            }
        }

        return null;
    }

    /** @return list<int>|null the anchor's id and the days; null where nobody knows */
    public function at(string $lane, int $segmentId, int $lateMinutes): ?array
    {
        return $this->at[$lane][$segmentId][(int) ceil($lateMinutes / self::STEP_MINUTES)] ?? null;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return ['step' => self::STEP_MINUTES, 'at' => (object) $this->at];
    }
}
